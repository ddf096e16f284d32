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
        return new self(config()->string('facelift.supplier.url'));
    }

    public static function insurer(): self
    {
        return new self(config()->string('facelift.insurer.url'));
    }

    /** @param string $mode `ok`, `slow`, `down`, `wrong` or `garbled` */
    public function behave(string $mode): void
    {
        $answer = Http::put($this->url . '/mode', ['mode' => $mode]);
        Assert::assertInstanceOf(Response::class, $answer);
        Assert::assertSame(200, $answer->status());
    }
}
