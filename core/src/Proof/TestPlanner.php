<?php

declare(strict_types=1);

namespace Facelift\Proof;

use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Route\Route;

/** Which functions have to be tested at which gate: what the route touched, and the display's own. */
final readonly class TestPlanner
{
    /** @param list<Gate> $gates */
    public function __construct(private array $gates) {}

    /** @return list<GateTests> */
    public function plan(Phone $phone, Route $route): array
    {
        $touched = $this->touched($phone, $route);
        $display = array_values(array_filter($touched, static fn(PhoneFunction $f): bool => $f->isOfTheDisplay()));
        $electrical = array_values(array_filter($touched, static fn(PhoneFunction $f): bool => Need::of($f) !== Need::Owner));

        return array_map(static fn(Gate $gate): GateTests => new GateTests($gate, match ($gate) {
            Gate::CheckIn => $phone->functions(),
            Gate::Trial => $display,
            Gate::Dry, Gate::Bonded, Gate::LaidShut => $electrical,
            Gate::Finished => $touched,
        }), $this->gates);
    }

    /** @return list<PhoneFunction> in the order of testing */
    public function touched(Phone $phone, Route $route): array
    {
        $handled = [...$route->moved, ...$route->discarded];
        foreach ($route->ids() as $id) {
            $handled[] = isset($phone->connectors[$id]) ? $phone->connectors[$id]->joins[0] : $id;
        }
        $functions = [];
        foreach ($phone->parts as $id => $part) {
            // What a handled part carries was handled with it.
            if (array_filter($handled, static fn(string $h): bool => isset($phone->parts[$h]) && $phone->movesWith($id, $h)) !== []) {
                array_push($functions, ...$part->functions);
            }
        }

        return array_values(array_filter($phone->functions(), static fn(PhoneFunction $f): bool => \in_array($f, $functions, true) || $f->isOfTheDisplay()));
    }
}
