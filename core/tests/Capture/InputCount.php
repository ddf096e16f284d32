<?php

declare(strict_types=1);

namespace Facelift\Tests\Capture;

use Facelift\Anatomy\ConnectorKind;
use Facelift\Anatomy\Phone;
use Facelift\Capture\Captured;
use Facelift\Capture\CaptureKind;

/** Keys and taps beyond those of a job whose phone is drawn. */
final class InputCount
{
    public int $total = 0;
    public string $atHand = '';
    private string $met = '';

    /**
     * A key, what kind of thing it is, what it is about, each figure, each place, and the key that keeps it. What is
     * offered first is no input: the thing at hand, what was met last, what came off last; nor is a figure that stays.
     * What lies under a cover is ticked as drawn: only what differs is a tap.
     */
    public function add(Captured $one, Phone $before, string $offLast): void
    {
        $like = $one->like;
        $drawn = $before->fasteners[$one->of] ?? null;
        $figures = array_keys([
            $like->count > 0 && $drawn?->count() !== $like->count,
            $like->length !== null && $drawn?->length !== $like->length,
            $like->driver !== null && $drawn?->driver !== $like->driver,
            $like->adhesive !== null,
            $like->plug !== null && $like->plug !== ConnectorKind::BoardToBoard,
            $like->part !== null,
        ], true, true);
        $offered = [$this->atHand, $offLast, $this->met];
        $about = $one->kind === CaptureKind::LiesOver ? [$one->of] : array_diff([$one->of, ...$one->under], ['']);
        $ticked = $one->kind === CaptureKind::LiesOver ? Counterparts::under($before, $one->of) : $one->under;
        $differs = \count(array_diff($ticked, $one->under)) + \count(array_diff($one->under, $ticked));
        $chosen = \count(array_diff($about, $offered));
        $this->met = $one->kind->isNew() ? $one->makes() : $this->met;

        $this->total += match ($one->kind) {
            CaptureKind::BatteryPlug => 1,
            CaptureKind::NotThere => 2 + $chosen,
            default => 3 + $chosen + \count($figures) + \count($one->places) + $differs,
        };
    }
}
