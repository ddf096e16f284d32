<?php

declare(strict_types=1);

namespace Facelift\Geometry;

/**
 * The extent of a path in SVG. Only what can be told exactly is read: lines, quarter arcs along the axes, and curves
 * that do not bulge beyond their ends; anything else is refused.
 */
final class SvgPath
{
    /** figures that a command takes */
    private const FIGURES = [
        'M' => 2, 'L' => 2, 'T' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'S' => 4, 'Q' => 4, 'A' => 7, 'Z' => 0,
    ];
    private const NUMBER = '/\G[\s,]*([-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?)/i';
    /** of an arc, that may stand without a blank after it */
    private const FLAG = '/\G[\s,]*([01])/';
    private const SLACK = 0.01;

    /** @var list<array{float, float}> ends of all pieces */
    private array $ends = [];
    /** @var list<array{float, float}> what curves are drawn towards: a curve lies within these and its ends */
    private array $pulls = [];
    private float $radius = 0.0;

    private function __construct() {}

    /**
     * @return array{float, float, float} width, height, and the radius of the first rounded corner
     *
     * @throws NoOutline If it is cut short, or its extent cannot be told.
     */
    public static function extent(string $d): array
    {
        $path = new self();
        $path->walk($d);
        if (\count($path->ends) < 3) {
            throw NoOutline::because('the path of the drawing has too few points');
        }
        [$xs, $ys] = [array_column($path->ends, 0), array_column($path->ends, 1)];
        foreach ($path->pulls as [$x, $y]) {
            $beyond = max(min($xs) - $x, $x - max($xs), min($ys) - $y, $y - max($ys));
            if ($beyond > self::SLACK) {
                throw NoOutline::because('a curve of the drawing bulges beyond its ends: draw it with lines and arcs');
            }
        }

        return [max($xs) - min($xs), max($ys) - min($ys), $path->radius];
    }

    private function walk(string $d): void
    {
        $at = $start = [0.0, 0.0];
        preg_match_all('/([MLHVCSQTAZ])([^MLHVCSQTAZ]*)/i', $d, $commands, \PREG_SET_ORDER);
        if (trim((string) preg_replace('/[MLHVCSQTAZ][^MLHVCSQTAZ]*/i', '', $d)) !== '') {
            throw NoOutline::because('the path of the drawing cannot be read');
        }
        foreach ($commands as [, $letter, $figures]) {
            $command = strtoupper($letter);
            if ($command === 'Z') {
                $at = $start;
            }
            foreach (self::read($command, $figures) as $i => $f) {
                $base = ctype_lower($letter) ? $at : [0.0, 0.0];
                $to = match ($command) {
                    'H' => [$base[0] + $f[0], $at[1]],
                    'V' => [$at[0], $base[1] + $f[0]],
                    default => [$base[0] + $f[\count($f) - 2], $base[1] + $f[\count($f) - 1]],
                };
                $this->piece(
                    $command,
                    $f,
                    $base,
                    $at,
                    $to,
                );
                $at = $to;
                $start = $command === 'M' && $i === 0 ? $to : $start;
                $this->ends[] = $at;
            }
        }
    }

    /**
     * @param list<float>          $f    figures of the command
     * @param array{float, float}  $base what they count from
     * @param array{float, float}  $at
     * @param array{float, float}  $to
     */
    private function piece(
        string $command,
        array $f,
        array $base,
        array $at,
        array $to,
    ): void {
        [$wide, $high] = [abs($to[0] - $at[0]), abs($to[1] - $at[1])];
        if ($command === 'A') {
            $quarter = abs($wide - $f[0]) <= 0.02 * $f[0] && abs($high - $f[1]) <= 0.02 * $f[1] && (int) $f[3] === 0;
            if (!$quarter || fmod($f[2], 180.0) !== 0.0 && abs($f[0] - $f[1]) > self::SLACK) {
                throw NoOutline::because('an arc of the drawing is no quarter of a circle along its sides');
            }
            $this->rounded($f[0]);
        }
        if ($command === 'S' || $command === 'T') {
            throw NoOutline::because('a curve of the drawing goes on from another: draw it with lines and arcs');
        }
        if ($command === 'C' || $command === 'Q') {
            foreach (array_chunk(\array_slice($f, 0, -2), 2) as $pull) {
                $this->pulls[] = [$base[0] + $pull[0], $base[1] + ($pull[1] ?? 0.0)];
            }
            $this->rounded(max($wide, $high));
        }
    }

    private function rounded(float $radius): void
    {
        $this->radius = $this->radius === 0.0 ? $radius : $this->radius;
    }

    /**
     * @return list<list<float>> figures of one command after the other
     *
     * @throws NoOutline If some are missing, or something else is there.
     */
    private static function read(string $command, string $text): array
    {
        $all = [];
        $at = 0;
        while (self::FIGURES[$command] > 0 && trim(substr($text, $at), " \t\r\n,") !== '') {
            $figures = [];
            for ($i = 0; $i < self::FIGURES[$command]; ++$i) {
                $form = $command === 'A' && ($i === 3 || $i === 4) ? self::FLAG : self::NUMBER;
                if (preg_match(
                    $form,
                    $text,
                    $found,
                    0,
                    $at,
                ) !== 1) {
                    throw NoOutline::because('the path of the drawing is cut short');
                }
                $figures[] = (float) $found[1];
                $at += \strlen($found[0]);
            }
            $all[] = $figures;
        }
        if ($all === [] && self::FIGURES[$command] > 0) {
            throw NoOutline::because('the path of the drawing is cut short');
        }

        return $all;
    }
}
