<?php

declare(strict_types=1);

namespace Facelift\Capture;

use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\Rests;
use Facelift\Capture\Internal\Stretched;
use Facelift\Capture\Internal\Table;
use Facelift\Document\Unreadable;

/**
 * A phone file for a phone that nobody has drawn: its family's skeleton fitted to what was told at the counter. What
 * was measured and seen is said to be so, everything else is assumed.
 */
final readonly class Provisional
{
    public function __construct(private FamilyFile $family) {}

    /**
     * @return array<string, mixed> the document, as `PhoneReader` reads it
     *
     * @throws Unreadable If the measures make no phone, or something seen does not lie on its front.
     */
    public function of(Told $told): array
    {
        $phone = $this->family->phone;
        [$wide, $high] = $this->factors($told);
        $fitted = [];
        foreach ((new Stretched($wide, $high))->of($phone) as $key => $value) {
            $fitted[(string) $key] = $value;
        }
        $fitted['identity'] = self::identity($told, $phone['identity'] ?? null);
        $fitted['body'] = self::body($told, $phone['body'] ?? null, [$wide, $high]);
        $fitted['stacks'] = self::stacks($told, $phone);
        if ($told->front !== []) {
            $fitted['openings'] = array_map(self::opening(...), $told->front, array_keys($told->front));
        }
        $fitted['footing'] = self::footing($fitted['footing'] ?? null, $told);
        $fitted = self::withWhatWasSeen($fitted, $told);
        (new PhoneReader())->read($fitted);

        return $fitted;
    }

    /** @return array{float, float} */
    private function factors(Told $told): array
    {
        $body = $this->family->phone['body'] ?? null;
        \assert(\is_array($body) && is_numeric($body['width']) && is_numeric($body['height']));

        return [$told->width / (float) $body['width'], $told->height / (float) $body['height']];
    }

    /** @return array<string, mixed> */
    private static function identity(Told $told, mixed $usual): array
    {
        return [
            'id' => $told->id(),
            'maker' => $told->maker,
            'model' => $told->model,
            'year' => \is_array($usual) ? $usual['year'] ?? 2020 : 2020,
            'mass' => \is_array($usual) ? $usual['mass'] ?? 180 : 180,
            'codes' => [['code' => $told->code, 'region' => 'unknown']],
            'colours' => [],
        ];
    }

    /**
     * The border round the lit area and the corner stay as wide as they are: they do not grow with the phone.
     *
     * @param array{float, float} $factors
     *
     * @return array<string, mixed>
     */
    private static function body(Told $told, mixed $usual, array $factors): array
    {
        \assert(\is_array($usual) && \is_array($usual['display']));
        $d = array_map(static fn(mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $usual['display']);
        [$width, $height] = [$told->width / $factors[0], $told->height / $factors[1]];
        $body = [
            'width' => $told->width,
            'height' => $told->height,
            'thickness' => $told->thickness,
            'display' => [
                'x' => $d['x'],
                'y' => $d['y'],
                'width' => round($told->width - ($width - $d['width']), 2),
                'height' => round($told->height - ($height - $d['height']), 2),
            ],
        ];
        foreach (['cornerRadius', 'glassInset', 'pixelsWide', 'pixelsHigh', 'frame'] as $key) {
            $body[$key] = $usual[$key];
        }

        return $told->curved ? $body + ['curve' => 3.0] : $body;
    }

    /**
     * A thicker phone has a thicker cell.
     *
     * @param array<string, mixed> $phone
     *
     * @return array<array-key, mixed>
     */
    private static function stacks(Told $told, array $phone): array
    {
        $body = $phone['body'] ?? null;
        $usual = \is_array($body) && is_numeric($body['thickness']) ? (float) $body['thickness'] : 0.0;
        $cell = static function (mixed $layer) use ($told, $usual): mixed {
            if (!\is_array($layer) || ($layer['role'] ?? '') !== 'battery' || !is_numeric($layer['thickness'])) {
                return $layer;
            }
            $thick = max(1.5, (float) $layer['thickness'] + $told->thickness - $usual);

            return array_replace($layer, ['thickness' => round($thick, 2)]);
        };
        $stacks = [];
        foreach ((array) ($phone['stacks'] ?? []) as $name => $stack) {
            $layers = \is_array($stack) ? $stack['layers'] ?? [] : [];
            $stacks[$name] = ['layers' => array_map($cell, \is_array($layers) ? $layers : [])];
        }

        return $stacks;
    }

    /** @return array<string, mixed> */
    private static function opening(SeenThing $seen, int $i): array
    {
        [$width, $height] = $seen->what->size();

        return [
            'id' => $seen->what->value . '-' . ($i + 1),
            'name' => ucfirst(str_replace('-', ' ', $seen->what->value)),
            'shape' => $seen->what->shape()->value,
            'x' => round($seen->x, 2),
            'y' => round($seen->y, 2),
            'width' => $width,
            'height' => $height,
            'clearance' => $seen->what->clearance(),
            'ifCovered' => $seen->what->ifCovered()->value,
        ];
    }

    /**
     * Tray and stylus are there only if they were seen, with all that hangs on them.
     *
     * @param array<string, mixed> $phone
     *
     * @return array<string, mixed>
     */
    private static function withWhatWasSeen(array $phone, Told $told): array
    {
        $table = new Table($phone);
        foreach ($table->all('parts') as $id => $row) {
            $there = match (PartKind::tryFrom(\is_string($row['kind'] ?? null) ? $row['kind'] : '')) {
                PartKind::SimTray => $told->tray,
                PartKind::Stylus, PartKind::StylusLayer => $told->stylus,
                default => null,
            };
            if ($there === true) {
                $table->rests($id, Rests::Seen);
            } elseif ($there === false) {
                $table->drop($id);
            }
        }

        return $table->document();
    }

    /** @return array<string, mixed> */
    private static function footing(mixed $usual, Told $told): array
    {
        \assert(\is_array($usual) && \is_array($usual['elements']) && \is_array($usual['sections']));
        $rests = ['body' => 'measured', 'openings' => $told->front === [] ? 'assumed' : 'seen'];
        $sections = [];
        foreach ($usual['sections'] as $s) {
            if (\is_array($s) && \is_string($s['of'])) {
                $sections[] = ['of' => $s['of'], 'rests' => $rests[$s['of']] ?? 'assumed'];
            }
        }

        return [
            'elements' => $usual['elements'],
            'sections' => $sections,
            'screws' => $usual['screws'] ?? [],
        ];
    }
}
