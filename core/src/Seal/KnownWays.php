<?php

declare(strict_types=1);

namespace Facelift\Seal;

use Facelift\Anatomy\Phone;

/** Ways that were found once are not worked out again for the same phone, part, condition, stock and readings. */
final class KnownWays
{
    /** @var \WeakMap<Phone, array<string, WayChoice>> */
    private \WeakMap $known;

    public function __construct(private readonly WayFinder $finder = new WayFinder())
    {
        $this->known = new \WeakMap();
    }

    public function find(SealRequest $request): WayChoice
    {
        $all = $this->known[$request->phone] ?? [];
        $key = $request->key();
        if (!isset($all[$key])) {
            $all[$key] = $this->finder->find($request);
            $this->known[$request->phone] = $all;
        }

        return $all[$key];
    }
}
