<?php

declare(strict_types=1);

namespace Facelift\Bench;

use Facelift\Anatomy\Bond;
use Facelift\Heat\Curves;
use Facelift\Heat\HeatRecord;
use Facelift\Heat\Sample;
use Facelift\Heat\Source;

/** The heat of one bond of a run as it went, from its first heating to the last step that was done. */
final readonly class SeenHeat
{
    /** s between two estimates */
    private const EVERY = 2.0;

    /** @param int $last ms since 1970 of the last step */
    private function __construct(
        private Run $run,
        private Bond $bond,
        public HeatRecord $record,
        private int $last,
    ) {}

    /** @return self|null null if the bond was never heated */
    public static function of(Run $run, Bond $bond): ?self
    {
        $done = $run->state->done;
        $last = $done === [] ? 0 : max(array_map(static fn(Event $e): int => $e->at, $done));
        $record = HeatLog::of($run, $bond->id, $last);

        return $record === null ? null : new self($run, $bond, $record, $last);
    }

    /** @return non-empty-list<Sample> as a source would have heated it */
    public function by(Source $source): array
    {
        $phone = $this->run->plan->basis->phone;
        $curves = Curves::after(HeatBefore::of($this->run, $this->bond->id, $this->record->from), $phone, $this->bond);
        $since = ($this->last - $this->record->from) / 1000;
        $seconds = max(0.0, min($since, $this->record->lastChange() + HeatLog::FOLLOWED));
        $samples = $curves->run($this->record->programme($source, $seconds), self::EVERY);

        return $samples === [] ? throw new \LogicException('a run without its beginning') : $samples;
    }

    /**
     * The last of them at a moment.
     *
     * @param non-empty-list<Sample> $samples
     */
    public static function at(array $samples, float $second): Sample
    {
        $before = $samples[0];
        foreach ($samples as $sample) {
            if ($sample->second > $second) {
                break;
            }
            $before = $sample;
        }

        return $before;
    }
}
