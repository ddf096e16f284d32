<?php

declare(strict_types=1);

namespace App\Heat;

use Facelift\Fit\OldPanel;
use Facelift\Heat\Source;
use Facelift\Plan\Means;
use Facelift\Plan\Plan;
use Facelift\Plan\Planner;
use Facelift\Plan\Request;
use Facelift\Plan\Strategies;
use Facelift\Plan\Strategy;
use Illuminate\Support\Facades\Cache;

/** The sources of the shop side by side for a job, planned through once as long as nothing they rest on changes. */
final class Comparison
{
    /** Kept for a day, s. */
    private const KEPT = 86_400;

    /** @var list<ShopSource>|null */
    private ?array $sources = null;

    public function __construct(private readonly Planner $planner, private readonly SourcesInUse $inUse) {}

    /** @return list<Strategy> in the order of the shop's sources; empty if nothing has to be heated */
    public function of(Request $request, bool $holds): array
    {
        $sources = array_map(fn(ShopSource $s): array => $s->read($this->inUse), $this->sources());
        $key = 'strategies/' . hash('xxh128', serialize([$request->heatedAnyhow(), $sources, $holds]));
        $kept = Cache::get($key);
        if (is_array($kept) && array_is_list($kept)) {
            /** @var list<Strategy> */
            return $kept;
        }
        $strategies = (new Strategies())->of($request, new Means($sources, $holds));
        Cache::put($key, $strategies, self::KEPT);

        return $strategies;
    }

    /**
     * The plan with the source that opens the phone best; where none does, without saving the old panel. What no
     * source opens is planned as it was asked for, which says why.
     */
    public function bestPlan(Request $request, bool $holds): Plan
    {
        $save = $request->wishing(OldPanel::Save);
        $giveUp = $request->wishing(OldPanel::GiveUp);
        $best = $this->recommended($save, $holds) ?? $this->recommended($giveUp, $holds);
        if ($best !== null) {
            return $this->planner->plan($best);
        }
        $plan = $this->planner->plan($save);
        $torn = $plan->works() ? $plan : $this->planner->plan($giveUp);

        return $torn->works() ? $torn : $plan;
    }

    /** The request with the recommended source; null if none opens the phone, or nothing has to be heated. */
    private function recommended(Request $request, bool $holds): ?Request
    {
        $strategies = $this->of($request, $holds);
        $best = Strategies::recommended($strategies);

        return $best === null ? null : $request->heatedBy($strategies[$best]->source, $strategies[$best]->approach);
    }

    /** @return list<ShopSource> */
    public function sources(): array
    {
        return $this->sources ??= ShopSource::all();
    }

    /**
     * A strategy's source as it is sent and kept.
     *
     * @param int $of which of the shop's sources it is
     *
     * @return array<string, mixed>
     */
    public function sent(int $of, Strategy $strategy): array
    {
        $before = $strategy->approach->preheat === null ? null : $this->setting($strategy->approach->preheat);

        return $this->sources()[$of]->settings[$strategy->tried]
            + ($strategy->approach->held ? ['hold' => true] : [])
            + ($before === null ? [] : ['preheat' => $before]);
    }

    /** @return array<string, mixed>|null */
    private function setting(Source $source): ?array
    {
        foreach ($this->sources() as $of) {
            foreach ($of->read($this->inUse) as $i => $one) {
                if ($one->isLike($source)) {
                    return $of->settings[$i];
                }
            }
        }

        return null;
    }
}
