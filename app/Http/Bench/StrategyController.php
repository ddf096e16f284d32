<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Heat\ShopSource;
use App\Jobs\Planning;
use App\Jobs\Stations;
use App\Models\Job;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Heat\Source;
use Facelift\Heat\Usual;
use Facelift\Plan\Strategies;
use Facelift\Plan\Strategy;
use Illuminate\Http\JsonResponse;

/** Every source of the shop side by side for a job, and the one to take. */
final readonly class StrategyController
{
    public function __construct(private Planning $planning, private Stations $stations) {}

    public function show(Job $job): JsonResponse
    {
        $this->stations->mustReach('plan', $job);
        $sources = ShopSource::all();
        $kind = $job->kind ?? ReplacementKind::DisplayAssembly;
        $strategies = (new Strategies())->of(
            $this->planning->request($job, $kind, Source::plate(Usual::PLATE)),
            array_map(static fn(ShopSource $s): array => $s->read(), $sources),
        );
        $recommended = Strategies::recommended($strategies);

        return new JsonResponse(['data' => array_map(
            static fn(int $i): array => [
                'name' => $sources[$i]->name,
                'usual' => $sources[$i]->usual?->value,
                'source' => $sources[$i]->settings[$strategies[$i]->tried],
                'recommended' => $i === $recommended,
            ] + self::row($strategies[$i]),
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
            'battery' => round($s->battery, 1),
            'panel' => round($s->panel, 1),
        ];
    }
}
