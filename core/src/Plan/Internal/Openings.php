<?php

declare(strict_types=1);

namespace Facelift\Plan\Internal;

use Facelift\Cut\EdgeOpening;
use Facelift\Cut\HeatBy;
use Facelift\Cut\OpeningPlanner;
use Facelift\Heat\Approach;
use Facelift\Heat\Carried;
use Facelift\Heat\CarriedOver;
use Facelift\Heat\Source;
use Facelift\Heat\Stack;
use Facelift\Plan\Request;
use Facelift\Route\Pace;
use Facelift\Route\Route;
use Facelift\Route\Weights;

/**
 * The bonds of a job, opened one after the other on one phone: each starts from what the one before left warm, without
 * what it took off, after what is done between.
 *
 * @internal
 */
final readonly class Openings
{
    public function __construct(private Request $request, private Route $route) {}

    /** @return list<BondAhead> the bonds that are cut, in their order */
    public function bonds(): array
    {
        $bonds = [];
        foreach ($this->route->ids() as $id) {
            $bond = $this->request->phone->bonds[$id] ?? null;
            if ($bond?->cut !== null) {
                $bonds[] = new BondAhead($this->request, $bond, $bonds === []);
            }
        }

        return $bonds;
    }

    /**
     * @param bool $alcohol  false to do without alcohol beside the blade
     * @param (\Closure(array<string, EdgeOpening>): bool)|null $enough true once so many openings tell all that is
     *     wanted; null for all of them
     *
     * @return array<string, EdgeOpening> by bond, in the order of cutting
     */
    public function by(
        Source $source,
        Approach $approach,
        bool $alcohol = true,
        ?\Closure $enough = null,
    ): array {
        $phone = $this->request->phone;
        $by = new HeatBy(
            $source,
            $this->request->oldPanel(),
            $this->request->room,
            alcohol: $alcohol,
            approach: $approach,
            chance: $this->request->chance,
            windows: $this->request->windows,
        );
        $carried = CarriedOver::same(Carried::nothing($this->request->room));
        $openings = [];
        $between = 0.0;
        foreach ($this->route->ids() as $id) {
            $bond = $phone->bonds[$id] ?? null;
            if ($bond?->cut === null) {
                $between += Weights::seconds($phone, [$id]) + Pace::CHANGE;
                $carried = isset($phone->parts[$id]) ? $carried->takenOut($phone->parts[$id]) : $carried;
                continue;
            }
            $opening = (new OpeningPlanner())->plan(
                $phone,
                $bond,
                $this->request->condition,
                $by,
                $carried,
                $between,
            );
            $openings[$id] = $opening->kept();
            if ($enough !== null && $enough($openings)) {
                return $openings;
            }
            $carried = ($opening->leaves ?? $carried)->lifted(Stack::edgeOf($phone, $bond));
            $between = Pace::LIFT;
        }

        return $openings;
    }
}
