<?php

declare(strict_types=1);

namespace App\Words;

use Facelift\Bench\Waited;
use Facelift\Plan\Step;

/** What happened, in words: how long a thing really took, of how long planned, and what follows. */
final readonly class RecordWords
{
    public function __construct(private Words $words, private ShopTime $time) {}

    /** A step that ended before its time. */
    public function said(Step $step, Waited $waited): string
    {
        $title = $this->words->coded('step.' . $step->kind()->value, $step->act->figures);
        $figures = [
            'step' => $title,
            'took' => self::clock($waited->seconds() ?? 0.0),
            'planned' => self::clock($waited->planned),
        ];
        $said = $this->words->say('record.ended-early', $figures);
        $follows = $this->words->say('record.' . $step->kind()->earlyCode());

        return $said
            . ($waited->why === '' ? '' : ' ' . $this->words->say('record.said-why', ['why' => $waited->why]))
            . ' '
            . $follows;
    }

    /** A seal that was cut and not renewed: what the customer hears. */
    public function notRenewed(Step $step, string $why): string
    {
        return $this->words->say('record.not-renewed', [
            'name' => (string) ($step->act->figures['name'] ?? ''),
            'why' => $why,
        ]);
    }

    /** How the clamps of a bond were on. */
    public function clamped(Waited $waited): string
    {
        $figures = ['from' => $this->time->ms($waited->from), 'planned' => self::clock($waited->planned)];
        if ($waited->to === null) {
            return $this->words->say('record.clamps-still-on', $figures);
        }

        return $this->words->say(
            'record.clamped',
            $figures + ['to' => $this->time->ms($waited->to), 'took' => self::clock($waited->seconds() ?? 0.0)],
        );
    }

    /** Minutes and seconds, `3:40`. */
    public static function clock(float $seconds): string
    {
        $whole = (int) round($seconds);

        return sprintf('%d:%02d', intdiv($whole, 60), $whole % 60);
    }

}
