<?php

declare(strict_types=1);

namespace Tests\Contract;

use App\Words\PlanText;
use App\Words\Words;
use Facelift\Anatomy\ReplacementKind;
use Facelift\Tests\Phones;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/**
 * The plan of every shipped phone as people can read it; it changes only with a reason (see tests/golden/REASONS.md).
 */
final class GoldenPlansTest extends TestCase
{
    #[DataProviderExternal(Phones::class, 'jobs')]
    public function testThePlanIsTheOneThatIsKept(string $phone, ReplacementKind $kind): void
    {
        $words = Words::fromFile(dirname(__DIR__, 2) . '/resources/words/en.json');
        self::assertStringEqualsFile(
            dirname(__DIR__) . "/golden/$phone-$kind->value.txt",
            PlanText::whole(Phones::plan($phone, $kind), $words),
        );
    }
}
