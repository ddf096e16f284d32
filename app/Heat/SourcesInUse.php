<?php

declare(strict_types=1);

namespace App\Heat;

use App\Models\SourceFigure;
use Facelift\Heat\Approach;
use Facelift\Heat\Origin;
use Facelift\Heat\Source;
use Facelift\Heat\SourceReader;

/** The contacts that plans are made with: estimates, and what the owner has taken over from the record. */
final class SourcesInUse
{
    /** @var array<string, float>|null by kind of source */
    private ?array $contacts = null;

    /** As `SourceReader` reads it, with the contact that is in use. */
    public function read(mixed $data): Source
    {
        return $this->learnt((new SourceReader())->read($data));
    }

    /** How it is used, as `SourceReader` reads it: what warms before has the contact that is in use as well. */
    public function approach(mixed $data): Approach
    {
        $approach = (new SourceReader())->approach($data);
        $before = $approach->preheat;

        return new Approach($approach->held, $before === null ? null : $this->learnt($before));
    }

    /** What the shop has measured at a source of its own stays as it is. */
    public function learnt(Source $source): Source
    {
        $contact = $source->origin === Origin::FromMemory ? $this->contacts()[$source->kind->value] ?? null : null;

        return $contact === null ? $source : $source->withCoefficient($contact, Origin::ShopsRecord);
    }

    /** @return array<string, float> W/(m²·K) */
    private function contacts(): array
    {
        if ($this->contacts === null) {
            $this->contacts = [];
            foreach (SourceFigure::query()->get() as $f) {
                $this->contacts[$f->kind->value] = $f->coefficient;
            }
        }

        return $this->contacts;
    }
}
