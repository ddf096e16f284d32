<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Heat\Comparison;
use App\Jobs\Planning;
use App\Jobs\ShopBook;
use App\Jobs\Stations;
use App\Models\Job;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Heat\Limits;
use Facelift\Plan\Strategies;
use Facelift\Plan\Strategy;
use Illuminate\Http\JsonResponse;

/** Every source of the shop side by side for a job, and the one to take. */
final readonly class StrategyController
{
    public function __construct(
        private Planning $planning,
        private Stations $stations,
        private Comparison $comparison,
        private ShopBook $book,
    ) {}

    public function show(StrategiesRequest $request, Job $job): JsonResponse
    {
        $this->stations->mustReach('plan', $job);
        $as = (clone $job)->fill(['old_panel' => $request->oldPanel()]);
        $asked = $this->planning->request($as, $job->kind ?? ReplacementKind::DisplayAssembly);
        $strategies = $this->comparison->of($asked, $this->book->rules()->holds);
        $limits = Limits::of($asked->phone->body->frame, $asked->oldPanel());
        $recommended = Strategies::recommended($strategies);

        return new JsonResponse(['data' => array_map(
            fn(int $i): array => [
                'name' => $this->comparison->sources()[$i]->name,
                'usual' => $this->comparison->sources()[$i]->usual?->value,
                'source' => $this->comparison->sent($i, $strategies[$i]),
                'recommended' => $i === $recommended,
            ] + self::row($strategies[$i]) + self::nearest($strategies[$i], $limits),
            array_keys($strategies),
        )]);
    }

    /** @return array<string, mixed> */
    private static function row(Strategy $s): array
    {
        return [
            'works' => $s->works(),
            'blocked' => $s->blocked?->value,
            'heatings' => $s->heatings,
            'hands' => round($s->hands),
            'elapsed' => round($s->elapsed),
            'battery' => self::degrees($s->battery),
            'batteryHottest' => self::degrees($s->worst?->battery),
            'panel' => self::degrees($s->panel),
            'panelHottest' => self::degrees($s->worst?->panel),
            'chance' => round($s->chance, 2),
        ];
    }

    /** @return array{nearest: string|null, clear: float|null} */
    private static function nearest(Strategy $s, Limits $limits): array
    {
        [$limit, $clear] = $s->nearest($limits) ?? [null, null];

        return ['nearest' => $limit?->value, 'clear' => self::degrees($clear)];
    }

    private static function degrees(?float $t): ?float
    {
        return $t === null ? null : round($t, 1);
    }
}
