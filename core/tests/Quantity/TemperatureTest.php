<?php

declare(strict_types=1);

namespace Facelift\Tests\Quantity;

use Facelift\Quantity\Duration;
use Facelift\Quantity\OutOfRange;
use Facelift\Quantity\Temperature;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TemperatureTest extends TestCase
{
    /** Conversions by definition: °C = (°F − 32) / 1.8. */
    #[TestWith([170.0, 76.67])]
    #[TestWith([180.0, 82.22])]
    #[TestWith([550.0, 287.78])]
    #[TestWith([572.0, 300.0])]
    public function testConvertsFahrenheit(float $fahrenheit, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, Temperature::fahrenheit($fahrenheit)->celsius, 0.005);
        self::assertEqualsWithDelta(
            $fahrenheit,
            Temperature::celsius(Temperature::fahrenheit($fahrenheit)->celsius)->inFahrenheit(),
            1e-9,
        );
    }

    public function testRefusesWhatIsColderThanCold(): void
    {
        $this->expectException(OutOfRange::class);
        Temperature::celsius(-274);
    }

    public function testADurationIsNeverNegativeAndATimerNeverEndsEarly(): void
    {
        self::assertSame(91, Duration::minutes(1.5)->plus(Duration::seconds(0.2))->wholeSeconds());
        $this->expectException(OutOfRange::class);
        Duration::seconds(-1);
    }
}
