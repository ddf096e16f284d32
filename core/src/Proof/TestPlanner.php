<?php

declare(strict_types=1);

namespace Facelift\Proof;

use Facelift\Anatomy\PartKind;
use Facelift\Anatomy\Phone;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Anatomy\Replacement;
use Facelift\Route\Route;

/** Which functions have to be tested at which gate: what the route touched, and the display's own. */
final readonly class TestPlanner
{
    /** @param list<Gate> $gates */
    public function __construct(private array $gates) {}

    /** @return list<GateTests> */
    public function plan(Phone $phone, Replacement $replacement, Route $route): array
    {
        $touched = $this->touched($phone, $route);
        $display = array_values(array_filter($touched, static fn(PhoneFunction $f): bool => $f->isOfTheDisplay()));
        $electrical = array_values(
            array_filter($touched, static fn(PhoneFunction $f): bool => Need::of($f) !== Need::Owner),
        );

        return array_map(fn(Gate $gate): GateTests => new GateTests($gate, match ($gate) {
            Gate::CheckIn => $phone->functions(),
            Gate::Trial => $display,
            Gate::Dry, Gate::Bonded, Gate::LaidShut => $electrical,
            Gate::Finished => $this->finished($phone, $replacement, $touched),
        }), $this->gates);
    }

    /**
     * What was touched, and whatever sees, hears or speaks through the new glass or beside its adhesive; everything
     * after a swap of the frame.
     *
     * @param list<PhoneFunction> $touched
     *
     * @return list<PhoneFunction> in the order of testing
     */
    private function finished(Phone $phone, Replacement $replacement, array $touched): array
    {
        $kinds = array_map(static fn(string $id): PartKind => $phone->parts[$id]->kind, $replacement->replaces);
        if (\in_array(PartKind::Frame, $kinds, true)) {
            return $phone->functions();
        }

        return array_values(array_filter(
            $phone->functions(),
            static fn(PhoneFunction $f): bool => \in_array($f, $touched, true) || $f->passesTheGlass(),
        ));
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
            if (
                array_filter(
                    $handled,
                    static fn(string $h): bool => isset($phone->parts[$h]) && $phone->movesWith($id, $h),
                ) !== []
            ) {
                array_push($functions, ...$part->functions);
            }
        }

        return array_values(
            array_filter(
                $phone->functions(),
                static fn(PhoneFunction $f): bool => \in_array($f, $functions, true) || $f->isOfTheDisplay(),
            ),
        );
    }
}
