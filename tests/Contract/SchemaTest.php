<?php

declare(strict_types=1);

namespace Tests\Contract;

use Facelift\Anatomy\PhoneReader;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Document\Unreadable;
use Facelift\Plan\PlanDocument;
use Facelift\Tests\Dice;
use Facelift\Tests\Phones;
use Facelift\Tests\Schedule\DayReaderTest;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Tests\Schemas;

final class SchemaTest extends TestCase
{
    public function testTheShippedPhoneFilesAgreeWithTheSchema(): void
    {
        foreach (Phones::ids() as $id) {
            self::assertSame([], Schemas::faults(Phones::data($id), 'schemas/phone.schema.json'));
        }
    }

    /** The schema is for readers elsewhere: whatever it refuses, our own reader refuses too. */
    public function testTheReaderRefusesWhateverTheSchemaRefuses(): void
    {
        $refused = 0;
        for ($seed = 1; $seed <= 300; ++$seed) {
            $dice = new Dice($seed);
            $data = self::spoiled(Phones::data('quillon-vesper'), $dice, $dice->int(1, 5));
            if (Schemas::faults($data, 'schemas/phone.schema.json') === []) {
                continue;
            }
            ++$refused;
            try {
                (new PhoneReader())->read($data);
                self::fail(
                    "seed $seed: the schema refuses it, the reader takes it: "
                        . json_encode(Schemas::faults($data, 'schemas/phone.schema.json')),
                );
            } catch (Unreadable $e) {
                self::assertNotSame([], $e->faults);
            }
        }
        self::assertGreaterThan(150, $refused, 'the spoiling spoils');
    }

    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testEveryPlanAgreesWithThePlanSchema(string $phone, ReplacementKind $kind): void
    {
        self::assertSame(
            [],
            Schemas::faults((new PlanDocument())->write(Phones::plan($phone, $kind)), 'schemas/plan.schema.json'),
        );
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @return array<array-key, mixed>
     */
    private static function spoiled(array $data, Dice $dice, int $depth): array
    {
        if ($data === []) {
            return $data;
        }
        $key = $dice->pick(array_keys($data));
        if (is_array($data[$key]) && $depth > 0) {
            $data[$key] = self::spoiled($data[$key], $dice, $depth - 1);
        } else {
            $data[$key] = $dice->pick([null, 'nonsense', -1, 99999, [], ['x' => 1], true]);
        }
        if ($dice->chance(20) && !array_is_list($data)) {
            unset($data[$key]);
        }

        return $data;
    }

    public function testTheSchemaOfADayTakesWhatTheReaderTakes(): void
    {
        self::assertSame([], Schemas::faults(DayReaderTest::day(), 'schemas/day.schema.json'));
        foreach (['now', 'people', 'equipment', 'phones', 'week'] as $member) {
            $day = array_diff_key(DayReaderTest::day(), [$member => true]);
            self::assertNotSame([], Schemas::faults($day, 'schemas/day.schema.json'), $member);
        }
    }
}
