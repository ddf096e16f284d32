<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Forms;

use Facelift\Anatomy\Phone;
use Facelift\Heat\Limits;
use Facelift\Heat\Source;
use Facelift\Heat\Usual;
use Facelift\Plan\Basis;
use Facelift\Plan\Internal\Format\SourceFormat;
use Facelift\Plan\School;

/**
 * Brings a plan document of version 1, as the project wrote it in its various states, to version 2.
 *
 * What version 1 said only in ids, codes and display figures is read out of them here for the last time.
 *
 * @internal
 */
final readonly class FirstPlan
{
    /** @param Source|null $source that the plan was made with, since version 1 does not hold it whole */
    public function __construct(private Phone $phone, private ?Source $source) {}

    /**
     * @param array<mixed> $d
     *
     * @return array<mixed>
     */
    public function forward(array $d): array
    {
        $summary = Old::map($d['summary'] ?? null);
        $moves = new FirstMoves();
        $steps = array_map(
            fn(array $s): array => (new FirstStep($this->phone, $moves))->forward($s),
            Old::maps($d['steps'] ?? null),
        );
        $source = Old::map($d['source'] ?? null);

        return [
            'version' => 2,
            'source' => $this->source === null ? self::source($source) : (new SourceFormat())->write($this->source),
            'room' => Old::number($source['room'] ?? null, Usual::ROOM),
            'picks' => Basis::PICKS,
            'oldPanel' => $d['oldPanel'] ?? 'save',
            'school' => $d['school'] ?? School::StripThenBuild->value,
            'schools' => $d['schools'] ?? [],
            'route' => $this->route(Old::map($d['route'] ?? null), $summary),
            'steps' => $steps,
            'openings' => array_map(
                fn(array $o): array => self::opening($o, $moves),
                Old::maps($d['openings'] ?? null),
            ),
            'seals' => array_map(self::seal(...), Old::maps($d['seals'] ?? null)),
            'screws' => array_map($this->screw(...), Old::maps($d['screws'] ?? null)),
            'warnings' => array_map(self::warning(...), Old::maps($d['warnings'] ?? null)),
        ] + $d;
    }

    /**
     * @param array<mixed> $source
     *
     * @return array<string, mixed>
     */
    private static function source(array $source): array
    {
        return [
            'kind' => $source['kind'] ?? 'plate',
            'set' => $source['set'] ?? null,
            'coefficient' => $source['contact'] ?? Source::PLATE_CONTACT,
            'mixed' => 1.0,
            'bag' => null,
            'origin' => $source['origin'] ?? 'from-memory',
        ];
    }

    /**
     * @param array<mixed> $route
     * @param array<mixed> $summary
     *
     * @return array<mixed>
     */
    private function route(array $route, array $summary): array
    {
        $changes = $summary['removalChanges'] ?? 0;
        $node = fn(string $id): array => ['id' => $id, 'tool' => null, 'face' => $this->face($id), 'after' => []];
        $trial = $route['trial'] ?? null;

        return [
            'removals' => array_map($node, Old::texts($route['removals'] ?? null)),
            'changes' => $changes,
            'optimal' => $summary['optimal'] ?? false,
            'states' => $summary['states'] ?? 0,
            'bound' => $changes,
            'trial' => \is_array($trial) ? $trial + ['extension' => false] : null,
        ] + $route;
    }

    private function face(string $id): string
    {
        $p = $this->phone;

        return ($p->parts[$id] ?? ($p->fasteners[$id] ?? ($p->connectors[$id] ?? ($p->bonds[$id] ?? null))))->face
            ->value ?? 'front';
    }

    /**
     * @param array<mixed> $o
     *
     * @return array<mixed>
     */
    private static function opening(array $o, FirstMoves $moves): array
    {
        $limits = Old::map($o['limits'] ?? null);
        $usual = new Limits();
        $panel = Old::number($limits['panel'] ?? null, $usual->panel);

        return [
            'limits' => $limits + [
                'batteryCaution' => $usual->batteryCaution,
                'panelPeak' => max($panel, $usual->panelPeak),
                'panelPeakSeconds' => $usual->panelPeakSeconds,
            ],
            'moves' => $moves->of(Old::text($o['bond'] ?? null)),
            'samples' => array_map(
                static fn(array $s): array => $s + ['frame' => $s['bond'] ?? null],
                Old::maps($o['samples'] ?? null),
            ),
        ] + $o;
    }

    /**
     * @param array<mixed> $seal
     *
     * @return array<mixed>
     */
    private static function seal(array $seal): array
    {
        $height = $seal['height'] ?? null;
        if (\is_array($height)) {
            $proud = Old::number($height['proud'] ?? null, 0.0);
            // The likely height was the budget and the root of three equal squares.
            $height += [
                'tolerance' => max(0.0, round((Old::number($height['likely'] ?? null, $proud) - $proud) / sqrt(3), 4)),
            ];
        }

        return ['height' => $height] + $seal;
    }

    /**
     * @param array<mixed> $screw
     *
     * @return array<mixed>
     */
    private function screw(array $screw): array
    {
        $hole = $this->phone->fasteners[Old::text($screw['fastener'] ?? null)]->hole ?? null;

        return $screw + ['holeDepth' => $hole?->depth, 'under' => $hole?->under];
    }

    /**
     * @param array<mixed> $warning
     *
     * @return array<mixed>
     */
    private static function warning(array $warning): array
    {
        return ['severity' => str_starts_with(Old::text($warning['code'] ?? null), 'stop-') ? 'stop' : 'care']
            + $warning;
    }
}
