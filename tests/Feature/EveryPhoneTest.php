<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/**
 * Every shipped phone's typical job, from check-in through every step at the bench to hand-over, with its own traps.
 */
final class EveryPhoneTest extends TestCase
{
    /**
     * @param list<string>              $steps  ids that the plan must have, in this order
     * @param array<string, mixed>|null $source as it is sent; null for the usual plate
     */
    #[DataProvider('typical')]
    public function testItsTypicalJobCanBeWorkedToTheEnd(
        string $phone,
        string $kind,
        array $steps,
        ?array $source = null,
        string $oldPanel = 'save',
    ): void {
        $this->as(Role::Technician);
        $code = $this->partFor($phone, ReplacementKind::from($kind), 'X-1');
        $t = new Technician($this, $this->newId());
        $t->checkIn($phone, $code, ['cracked-glass']);
        $t->planned($kind, 'X-1', $source, $oldPanel);
        $plan = $this->ask('GET', "/jobs/$t->job/plan", status: 200);
        self::assertTrue($plan->json('works'), (string) json_encode($plan->json('warnings')));
        $ids = array_column((array) $plan->json('steps'), 'id');
        self::assertSame(
            $steps,
            array_values(array_filter($ids, static fn(mixed $id): bool => in_array($id, $steps, true))),
        );
        $t->workThrough();
        self::assertNull($this->ask('GET', "/jobs/$t->job/bench", status: 200)->json('next'));
        $t->change('hand-over', ['customerTold' => true, 'filmOff' => true]);
    }

    /**
     * @return iterable<
     *     string,
     *     array{0: string, 1: string, 2: list<string>, 3?: array<string, mixed>|null, 4?: string}
     * >
     */
    public static function typical(): iterable
    {
        yield 'three lengths in one bracket, a battery bracket of its own, three kinds of screws at the carrier' => [
            'quillon-vesper-grand',
            'display-assembly',
            [
                'unscrew:bracket-short',
                'lift-part:bracket',
                'lift-part:battery-bracket',
                'unplug:battery-plug',
                'lift-part:sensor-carrier',
                'fit-part:sensor-carrier',
                'fit-part:battery-bracket',
                'fit-part:bracket',
            ],
        ];
        yield 'leads before the display connectors, a paired home key moved' => [
            'quillon-hollin',
            'display-assembly',
            [
                'unplug:battery-plug',
                'unplug:lead-upper',
                'unplug:lead-lower',
                'unplug:display-plug',
                'lift-part:home-key',
                'lift-part:shield-plate',
                'fit-part:shield-plate',
                'fit-part:home-key',
            ],
        ];
        yield 'clipped back without heat, glued battery, boards as one' => [
            'brasca-fern-3',
            'display-with-frame',
            [
                'unclip:back-clips',
                'warm-battery:battery-glue',
                'part-bond:battery-glue',
                'unplug:key-plug',
                'lift-part:boards',
                'fit-part:boards',
                'confirm-dry:battery',
                'fit-part:battery',
                'clip-shut:back-clips',
            ],
        ];
        yield 'a clipped back, the display bonded from the front' => [
            'brasca-fern-3',
            'display-assembly',
            ['unclip:back-clips', 'heat:display-tape', 'clip-shut:back-clips'],
        ];
        yield 'stylus out first, a screw left over' => [
            'brasca-larch',
            'display-with-frame',
            [
                'take-out:stylus',
                'heat:back-seal',
                'unscrew:board-screw',
                'part-bond:camera-silicone',
                'left-over:board-screw',
                'put-back:stylus',
            ],
        ];
        yield 'main board lifted for access' => [
            'brasca-larch',
            'display-assembly',
            ['take-out:stylus', 'lift-part:main-board', 'heat:display-tape', 'fit-part:main-board'],
        ];
        yield 'outer screen given up' => [
            'ondrel-gatefold',
            'display-assembly',
            ['break-panel:outer-tape', 'cut-pass:outer-tape', 'unplug:battery-plug', 'clamp:outer-tape'],
            null,
            'give-up',
        ];
        yield 'battery out by hand, two flexes' => [
            'tivane-quire',
            'display-assembly',
            [
                'take-out:stylus',
                'unclip:back-clips',
                'unplug:battery-contacts',
                'lift-part:battery',
                'unplug:touch-plug',
                'heat:display-glue',
                'clip-shut:back-clips',
            ],
        ];
        yield 'a lead over the cover comes off before the battery' => [
            'tivane-anvil',
            'display-assembly',
            [
                'unscrew:bottom-screws',
                'unclip:shell-clips',
                'unplug:coax-over-cover',
                'unplug:battery-plug',
                'unplug:side-key-plug',
                'unplug:fingerprint-plug',
                'lift-part:module',
                'heat:display-tape',
                'lift-part:mesh',
                'fit-part:mesh',
                'clip-shut:shell-clips',
            ],
        ];
        yield 'very strong glue, many heatings' => [
            'maruvi-sorrel',
            'display-assembly',
            ['heat:bezel-glue', 'reheat:bezel-glue', 'clip-shut:back-clips'],
            [
                'kind' => 'hot-air',
                'set' => 130,
                'distance' => 30,
                'edge' => 80,
                'hold' => true,
                'preheat' => ['kind' => 'plate', 'set' => 95],
            ],
        ];
        yield 'the picture panel is used again' => [
            'maruvi-cobnut',
            'digitizer-only',
            [
                'unclip:back-clips',
                'unplug:battery-contacts',
                'unscrew:corner-screws',
                'unscrew:inner-screws',
                'unclip:lcd-clips',
                'lift-part:lcd',
                'heat:digitizer-tape',
                'fit-part:lcd',
                'clip-shut:lcd-clips',
            ],
        ];
    }

    public function testEveryShippedPhoneIsListedWithItsKinds(): void
    {
        $this->as(Role::FrontDesk);
        foreach (Phones::ids() as $id) {
            $this->ask('GET', "/phones/$id", status: 200)->assertJsonPath('identity.id', $id);
        }
    }
}
