<?php

declare(strict_types=1);

namespace App\Papers;

use App\Models\PhoneTest;
use Facelift\Anatomy\Face;
use Facelift\Anatomy\Phone;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkKind;
use Facelift\Geometry\Point;

/** A phone on paper, at its own proportions: what was marked on it at check-in, and what its glass has felt. */
final readonly class PhoneDrawings
{
    private const OUTLINE = 'fill="#FBFAF6" stroke="#1C2428" stroke-width="0.5"';
    private const LIT = 'fill="none" stroke="#8A9499" stroke-width="0.3"';

    public function __construct(private Phone $phone) {}

    /**
     * @param list<Mark> $marks
     *
     * @return array<string, string> one drawing by face; none of a face without a mark
     */
    public function marks(array $marks): array
    {
        $drawings = [];
        foreach (Face::cases() as $face) {
            $here = array_filter($marks, static fn(Mark $m): bool => $m->face === $face);
            if ($here !== []) {
                $drawings[$face->value] = $this->drawing(
                    implode('', array_map(self::mark(...), $here)),
                    $face === Face::Front,
                );
            }
        }

        return $drawings;
    }

    /**
     * Where no finger was felt, and where the picture is wrong, as the phone itself has measured it.
     *
     * @param PhoneTest|null $touch
     * @param PhoneTest|null $image
     */
    public function felt(?PhoneTest $touch, ?PhoneTest $image): string
    {
        $lit = $this->phone->body->display;
        $shapes = $touch === null
            ? ''
            : Picture::box(
                $lit->x,
                $lit->y,
                $lit->width,
                $lit->height,
                'fill="#CFE3E4" stroke="#0B5460" stroke-width="0.3"',
            );
        foreach (self::lists($touch?->figures['missed'] ?? []) as $zone) {
            [$x, $y, $wide, $high] = [...$zone, 0.0, 0.0, 0.0, 0.0];
            $shapes .= Picture::box(
                $lit->x + $x,
                $lit->y + $y,
                $wide,
                $high,
                'fill="#FFFFFF" stroke="#A3122A" stroke-width="0.4"',
            );
        }
        foreach (self::lists($image?->figures['marks'] ?? []) as $mark) {
            [$x, $y] = [...$mark, 0.0, 0.0];
            $shapes .= sprintf(
                '<circle cx="%.1f" cy="%.1f" r="2" fill="none" stroke="#A3122A" stroke-width="0.6"/>',
                $lit->x + $x,
                $lit->y + $y,
            );
        }

        return $this->drawing($shapes, true);
    }

    /** @return list<list<float>> numbers only, whatever was kept */
    private static function lists(mixed $kept): array
    {
        $lists = [];
        foreach (is_array($kept) ? $kept : [] as $one) {
            $numbers = [];
            foreach (is_array($one) ? $one : [] as $n) {
                $numbers[] = is_numeric($n) ? (float) $n : 0.0;
            }
            $lists[] = $numbers;
        }

        return $lists;
    }

    private function drawing(string $shapes, bool $front): string
    {
        $body = $this->phone->body;
        $outline = $body->outline->box;
        $lit = $body->display;
        $phone = sprintf(
            '<rect x="0" y="0" width="%.1f" height="%.1f" rx="%.1f" %s/>',
            $outline->width,
            $outline->height,
            $body->outline->radius,
            self::OUTLINE,
        );
        $display = $front ? Picture::box(
            $lit->x,
            $lit->y,
            $lit->width,
            $lit->height,
            self::LIT,
        ) : '';
        $box = sprintf('-1 -1 %.1f %.1f', $outline->width + 2, $outline->height + 2);

        return Picture::of($outline->width + 2, $outline->height + 2, $phone . $display . $shapes, $box);
    }

    private static function mark(Mark $mark): string
    {
        $points = array_map(static fn(Point $p): array => [$p->x, $p->y], $mark->points);
        if (count($points) === 1) {
            return sprintf(
                '<circle cx="%.1f" cy="%.1f" r="2.4" fill="#A3122A"/>',
                $points[0][0],
                $points[0][1],
            );
        }

        return Picture::line($points, '#A3122A', $mark->kind === MarkKind::Crack ? 0.8 : 1.6);
    }
}
