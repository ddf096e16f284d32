<?php

declare(strict_types=1);

namespace Facelift\Proof;

use Facelift\Anatomy\PhoneFunction as F;

/** How a function is tested: what that needs, how long it takes, by what it is done. Common practice, no source. */
final readonly class Testing
{
    /**
     * @param list<Need> $needs   all of them; empty if it can always be tested
     * @param float      $seconds of hands
     */
    private function __construct(public F $function, public array $needs, public float $seconds, public Cover $cover) {}

    public static function of(F $function): self
    {
        [$seconds, $cover, $more] = match ($function) {
            F::Image => [15.0, Cover::ScreenOn, []],
            F::Touch => [20.0, Cover::ScreenOn, []],
            F::Stylus => [15.0, Cover::ScreenOn, []],
            F::Brightness, F::ColourAdapting => [6.0, Cover::ScreenOn, []],
            F::PartNotice => [10.0, Cover::ScreenOn, []],
            F::Earpiece, F::Loudspeaker, F::Microphone => [8.0, Cover::Sound, []],
            F::Call => [30.0, Cover::Sound, [Need::Network, Need::Sim]],
            F::Proximity, F::AmbientLight => [6.0, Cover::Light, []],
            F::FrontCamera, F::RearCamera => [10.0, Cover::Light, []],
            F::Keys => [6.0, Cover::ScreenOff, []],
            F::HomeKey, F::Vibration => [4.0, Cover::ScreenOff, []],
            F::Charging, F::WirelessCharging => [8.0, Cover::ScreenOff, [Need::Charger]],
            F::Fingerprint, F::FaceUnlock => [15.0, Cover::Owner, []],
            F::Signal => [6.0, Cover::Network, [Need::Sim]],
            F::Wifi => [6.0, Cover::Network, [Need::Network]],
            F::Sim => [4.0, Cover::Network, [Need::Sim]],
        };
        $first = Need::of($function);

        return new self($function, [...$first === Need::Nothing ? [] : [$first], ...$more], $seconds, $cover);
    }

    /**
     * @param list<F> $functions
     *
     * @return float s of hands for all of them
     */
    public static function seconds(array $functions): float
    {
        return array_sum(array_map(static fn(F $f): float => self::of($f)->seconds, $functions));
    }

    /**
     * The kind of test first in which most fails, and in it what fails most.
     *
     * @param list<F>              $functions
     * @param array<string, float> $fails     chance to fail, by function; zero if it is not named
     *
     * @return list<F>
     */
    public static function inOrder(array $functions, array $fails): array
    {
        $most = [];
        foreach ($functions as $f) {
            $cover = self::of($f)->cover->value;
            $most[$cover] = ($most[$cover] ?? 0.0) + ($fails[$f->value] ?? 0.0);
        }
        $rank = static fn(F $f): array => [
            -($most[self::of($f)->cover->value] ?? 0.0),
            self::of($f)->cover->value,
            -($fails[$f->value] ?? 0.0),
            array_search($f, F::cases(), true),
        ];
        usort($functions, static fn(F $a, F $b): int => $rank($a) <=> $rank($b));

        return $functions;
    }
}
