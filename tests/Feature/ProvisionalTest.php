<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\PhoneDrawing;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Anatomy\Rests;
use Tests\TestCase;

/** A phone that is not in the list: from the counter to its first plan. */
final class ProvisionalTest extends TestCase
{
    public const TOLD = [
        'maker' => 'Tivane',
        'model' => 'Sable',
        'code' => 'TS-1',
        'family' => 'front-opening',
        'width' => 71.2,
        'height' => 149.4,
        'thickness' => 8.1,
        'tray' => true,
        'stylus' => false,
        'curved' => false,
        'front' => [
            ['what' => 'camera', 'x' => 35.6, 'y' => 9.0],
            ['what' => 'earpiece-slot', 'x' => 35.6, 'y' => 3.0],
        ],
    ];

    public function testEveryFamilyIsTold(): void
    {
        $this->as(Role::FrontDesk);
        $families = $this->ask('GET', '/families', [], 200);
        $families->assertJsonCount(7, 'data');
        foreach ((array) $families->json('data') as $family) {
            self::assertIsArray($family);
            self::assertCount(2, (array) $family['tells']);
        }
    }

    public function testAnUnknownPhoneIsOpenedAndPlannedWithRanges(): void
    {
        $this->as(Role::Technician);
        $phone = $this->ask('POST', '/provisional', self::TOLD, 200);
        self::assertSame('tivane-sable@1', $phone->json('id'));
        self::assertSame('tivane-sable@1', $this->ask('POST', '/provisional', self::TOLD, 200)->json('id'), 'again');
        self::assertSame(1, PhoneDrawing::query()->count());
        $other = ['height' => 160.0] + self::TOLD;
        $this->ask('POST', '/provisional', $other, 409);
        $t = new Technician($this, $this->newId());
        $t->checkIn('tivane-sable@1', 'TS-1', ['cracked-glass']);
        $this->onTheShelf('tivane-sable@1', 'S-955');
        $t->planned(ReplacementKind::DisplayAssembly->value, 'S-955');
        $plan = $this->ask('GET', "/jobs/$t->job/plan", [], 200);
        $assumed = array_values(array_filter(
            (array) $plan->json('warnings'),
            static fn(mixed $r): bool => is_array($r) && $r['code'] === 'phone-assumed',
        ));
        self::assertCount(1, $assumed);
        self::assertIsArray($assumed[0]);
        self::assertIsArray($assumed[0]['figures']);
        self::assertLessThan($assumed[0]['figures']['longest'], $assumed[0]['figures']['least']);
        self::assertLessThan($assumed[0]['figures']['most'], $assumed[0]['figures']['fewest']);
        self::assertContains('phone-not-drawn', array_column((array) $plan->json('customer'), 'code'));
        $quote = Job::query()->findOrFail($t->job)->quote;
        self::assertNotNull($quote);
        $t->workUpTo('unplug:battery-plug');
        $t->pointAtBattery();
        $t->workUpTo('gate:trial');
    }

    public function testThePriceHoldsAReserveForWhatNobodyKnows(): void
    {
        $this->as(Role::Owner);
        $this->ask('POST', '/provisional', self::TOLD, 200);
        $t = new Technician($this, $this->newId());
        $t->checkIn('tivane-sable@1', 'TS-1', ['cracked-glass']);
        $this->onTheShelf('tivane-sable@1', 'S-955');
        $t->change('scope', ['kind' => 'display-assembly', 'reason' => null]);
        $item = ShelfItem::query()->where('label', 'S-955')->sole();
        $t->change('part', ['item' => $item->id]);
        $options = $this->ask('GET', "/jobs/$t->job/quote", [], 200);
        self::assertStringContainsString('unknown-inside', (string) $options->baseResponse->getContent());
    }

    public function testWhatItMayBeIsAsked(): void
    {
        $this->as(Role::FrontDesk);
        $vesper = ['width' => 71.4, 'height' => 146.0, 'thickness' => 7.8] + self::TOLD;
        $near = $this->ask('POST', '/provisional/near', $vesper, 200);
        self::assertSame('quillon-vesper', $near->json('data.0.id'));
        $this->ask('POST', '/provisional/near', ['height' => 172.0] + self::TOLD, 200)->assertJsonCount(0, 'data');
    }

    public function testBadMeasuresAreRefusedFieldByField(): void
    {
        $this->as(Role::FrontDesk);
        $wrong = ['width' => 12, 'height' => 'tall', 'family' => 'clamshell', 'code' => '', 'maker' => '<b>'];
        foreach ($wrong as $field => $bad) {
            $answer = $this->ask('POST', '/provisional', [$field => $bad] + self::TOLD, 422);
            self::assertArrayHasKey($field, (array) $answer->json('errors'));
        }
        $off = ['front' => [['what' => 'camera', 'x' => 100, 'y' => 9]]] + self::TOLD;
        $this->ask('POST', '/provisional', $off, 422);
        $this->ask('POST', '/provisional', ['maker' => 'Quillon', 'model' => 'Vesper'] + self::TOLD, 409);
        self::assertSame(0, PhoneDrawing::query()->count());
    }

    private function onTheShelf(string $phone, string $label): void
    {
        $this->ask('POST', '/shelf', [
            'label' => $label,
            'name' => 'Sable display',
            'kind' => 'display-assembly',
            'modelCodes' => ['TS-1'],
            'connector' => 'unknown',
            'technology' => 'oled',
            'colour' => 'black',
            'refresh' => 60,
            'brings' => [],
            'cost' => '40.00',
            'sheet' => null,
            'supplier' => 'Norvend Panels',
            'batch' => 'NP-1',
            'place' => 'X1',
            'state' => 'new',
        ], 201);
        self::assertSame(Rests::Assumed, app(PhoneLibrary::class)->phone($phone)->footing->of('seal'));
    }

    public function testLikeOneThatIsKnownItIsDrawnAsThatIs(): void
    {
        $this->as(Role::FrontDesk);
        $like = ['like' => 'brasca-fern-3', 'family' => 'rear-opening', 'front' => []] + self::TOLD;
        $id = $this->ask('POST', '/provisional', $like, 200)->json('id');
        self::assertIsString($id);
        $phone = app(PhoneLibrary::class)->phone($id);
        self::assertArrayHasKey('power-key', $phone->parts, 'only that phone has it');
        self::assertContains('power-key', $phone->footing->assumed());
        $this->ask('POST', '/provisional', ['like' => 'no-such-phone', 'model' => 'Other'] + $like, 404);
        self::assertSame(1, PhoneDrawing::query()->count());
    }
}
