<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal\Back;

use Facelift\Anatomy\AdhesiveKind;
use Facelift\Anatomy\Bond;
use Facelift\Anatomy\Renewal;
use Facelift\Document\Reason;
use Facelift\Plan\Effects;
use Facelift\Plan\Hazard;
use Facelift\Plan\Internal\Site;
use Facelift\Plan\Internal\Writer;
use Facelift\Plan\Step;
use Facelift\Plan\StepKind;
use Facelift\Seal\InnerSeal;

/**
 * A bond that no blade went round is made again; clips are shut, and the cover that they hold goes on with them.
 *
 * @internal
 */
final readonly class InnerBondAgain implements Writer
{
    public function __construct(private Site $site, private Bond $bond) {}

    public function write(array $after): string
    {
        $how = $this->bond->closing->renewal;
        $figures = ['name' => $this->bond->name, 'how' => $how->value, 'adhesive' => $this->bond->adhesive->value];
        if ($this->bond->adhesive === AdhesiveKind::Clips) {
            return $this->clips($figures, $after);
        }
        $step = Step::of(StepKind::RenewBond, $this->bond->face, $this->bond->id)
            ->saying($figures)
            ->taking($how === Renewal::Reuse ? 20.0 : 45.0)
            ->noting(...$this->amount())
            ->because(new Reason('bond-' . $how->value));

        return $this->site->back($step, $after);
    }

    /** @return list<Reason> how much of it */
    private function amount(): array
    {
        $inner = InnerSeal::of($this->site->phone, $this->bond);

        return match (true) {
            $inner === null => [],
            $inner->strips === 0 => [new Reason('a-dab', ['ml' => $inner->ml])],
            default => [new Reason(
                $inner->pullTab ? 'pull-strips' : 'inner-strips',
                ['count' => $inner->strips, 'length' => (int) round($inner->length)],
            )],
        };
    }

    /**
     * @param array<string, string|float|int> $figures
     * @param list<string>                    $after
     */
    private function clips(array $figures, array $after): string
    {
        $after = (new Gates($this->site))->whileOpen($after);
        $cover = $this->bond->lifted();
        $goesOn = isset($this->site->progress->coverAfter[$cover]);
        $step = Step::of(StepKind::ClipShut, $this->bond->face, $this->bond->id, ...($goesOn ? [$cover] : []))
            ->saying($figures)
            ->taking(30.0)
            ->minding(Hazard::NoPinch)
            ->because(new Reason('clips-heard-all-round'))
            ->leaving($goesOn ? Effects::none()->fitting($cover) : Effects::none());

        return $this->site->back($step, [...$after, ...($this->site->progress->coverAfter[$cover] ?? [])]);
    }
}
