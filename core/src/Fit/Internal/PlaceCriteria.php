<?php

declare(strict_types=1);

namespace Facelift\Fit\Internal;

use Facelift\Anatomy\Pairing;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\Replacement;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Document\Reason;
use Facelift\Fit\Criterion;
use Facelift\Fit\Offer;
use Facelift\Fit\Wish;

/**
 * Whether the part belongs in this phone and this job.
 *
 * @internal
 */
final readonly class PlaceCriteria
{
    public function __construct(private Phone $phone, private Wish $wish, private Offer $offer) {}

    /** @return list<Criterion> */
    public function before(): array
    {
        return [$this->code(), $this->kind(), $this->connector()];
    }

    /** @return list<Criterion> */
    public function after(): array
    {
        return [$this->colour(), $this->frame(), $this->smallParts(), $this->pairedParts()];
    }

    private function code(): Criterion
    {
        $figures = ['code' => $this->wish->modelCode, 'listed' => implode(', ', $this->offer->modelCodes)];

        return \in_array($this->wish->modelCode, $this->offer->modelCodes, true)
            ? Criterion::fits('model-code', new Reason('code-listed', $figures))
            : Criterion::refused('model-code', new Reason('code-not-listed', $figures));
    }

    private function kind(): Criterion
    {
        $figures = ['kind' => $this->offer->kind->value, 'wanted' => $this->wish->kind->value];

        return $this->offer->kind === $this->wish->kind
            ? Criterion::fits('kind', new Reason('kind-as-chosen', $figures))
            : Criterion::refused('kind', new Reason('kind-differs', $figures));
    }

    /** Glass alone has no connector; a regional code may take another one. */
    private function connector(): Criterion
    {
        if ($this->offer->kind === ReplacementKind::GlassOnly) {
            return Criterion::fits('connector', new Reason('connector-own-panel'));
        }
        if ($this->offer->connectorCode === null) {
            return Criterion::missing('connector');
        }
        $wanted = $this->phone->displayConnector($this->wish->modelCode);
        $figures = ['connector' => $this->offer->connectorCode, 'wanted' => $wanted, 'code' => $this->wish->modelCode];

        return $this->offer->connectorCode === $wanted
            ? Criterion::fits('connector', new Reason('connector-same', $figures))
            : Criterion::refused('connector', new Reason('connector-differs', $figures));
    }

    private function colour(): Criterion
    {
        if ($this->wish->colour === null) {
            return Criterion::fits('colour', new Reason('colour-open'));
        }
        if ($this->offer->colour === null) {
            return Criterion::missing('colour');
        }
        $figures = ['colour' => $this->offer->colour, 'wanted' => $this->wish->colour];

        return $this->offer->colour === $this->wish->colour
            ? Criterion::fits('colour', new Reason('colour-same', $figures))
            : Criterion::loses(
                'colour',
                new Reason('colour-differs', $figures),
                new Reason('customer-other-colour', $figures),
            );
    }

    private function frame(): Criterion
    {
        if (!$this->wish->straightFrame) {
            return Criterion::fits('frame', new Reason('frame-straight'));
        }

        return $this->offer->kind === ReplacementKind::DisplayWithFrame
            ? Criterion::fits('frame', new Reason('brings-straight-frame'))
            : Criterion::loses('frame', new Reason('frame-stays-bent'), new Reason('customer-frame-bent'));
    }

    private function smallParts(): Criterion
    {
        if ($this->offer->brings === null) {
            return Criterion::missing('small-parts');
        }
        $listed = array_merge(
            ...array_map(
                fn(Replacement $r): array => $r->kind === $this->wish->kind ? $r->brings : [],
                array_values($this->phone->replacements),
            ),
        );
        $missing = array_values(array_diff($listed, $this->offer->brings));

        return $missing === []
            ? Criterion::fits('small-parts', new Reason('small-parts-as-listed'))
            : Criterion::refused('small-parts', new Reason('small-parts-missing', ['parts' => $this->named($missing)]));
    }

    private function pairedParts(): Criterion
    {
        if ($this->offer->brings === null) {
            return Criterion::missing('paired-parts');
        }
        $paired = array_values(
            array_filter(
                $this->offer->brings,
                fn(string $id): bool => isset($this->phone->parts[$id])
                    && $this->phone->parts[$id]->pairing !== Pairing::None,
            ),
        );

        return $paired === []
            ? Criterion::fits('paired-parts', new Reason('no-paired-part-fitted'))
            : Criterion::loses(
                'paired-parts',
                new Reason('paired-part-fitted', ['parts' => $this->named($paired)]),
                new Reason('customer-own-part-moved', ['parts' => $this->named($paired)]),
            );
    }

    /** @param list<string> $ids */
    private function named(array $ids): string
    {
        return implode(
            ', ',
            array_map(
                fn(string $id): string => isset($this->phone->parts[$id]) ? $this->phone->parts[$id]->name : $id,
                $ids,
            ),
        );
    }
}
