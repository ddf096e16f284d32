<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Assert;

/** A stand-in service of simulators/, started by the test command. */
final readonly class StandIn
{
    private function __construct(private string $url) {}

    public static function supplier(): self
    {
        return self::at('FACELIFT_SUPPLIER_URL');
    }

    public static function insurer(): self
    {
        return self::at('FACELIFT_INSURER_URL');
    }

    /** Where the test command started it, whatever the test at hand has set the shop's address to. */
    private static function at(string $variable): self
    {
        $url = getenv($variable);
        Assert::assertIsString($url, "$variable is not set: start the tests by ./facelift test");

        return new self($url);
    }

    /** @param string $mode `ok`, `slow`, `down`, `wrong` or `garbled` */
    public function behave(string $mode): void
    {
        $answer = Http::put($this->url . '/mode', ['mode' => $mode]);
        Assert::assertInstanceOf(Response::class, $answer);
        Assert::assertSame(200, $answer->status());
    }
}
