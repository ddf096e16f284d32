<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Assert;
use Symfony\Component\HttpFoundation\Response;

/** Holds answers against contract/openapi.yaml. */
final class Contract
{
    /** @param TestResponse<Response> $response */
    public static function check(string $method, string $path, TestResponse $response): void
    {
        [$template, $operation] = self::operation($method, $path);
        $status = (string) $response->baseResponse->getStatusCode();
        $responses = $operation['responses'] ?? [];
        Assert::assertIsArray($responses);
        Assert::assertArrayHasKey(
            $status,
            $responses,
            "$method $template may not answer $status: " . $response->baseResponse->getContent(),
        );
        $pointer = '#/paths/' . self::escaped($template) . '/' . strtolower($method) . '/responses/' . $status;
        $answer = $responses[$status];
        Assert::assertIsArray($answer);
        if (isset($answer['$ref'])) {
            $pointer = $answer['$ref'];
            Assert::assertIsString($pointer);
            $answer = self::at($pointer);
        }
        $content = $answer['content'] ?? [];
        Assert::assertIsArray($content);
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
        if ($content === []) {
            Assert::assertSame('', (string) $response->baseResponse->getContent());

            return;
        }
        Assert::assertArrayHasKey($type, $content);
        if ($type === 'application/json') {
            $faults = Schemas::faults(
                json_decode((string) $response->baseResponse->getContent(), false, 512, \JSON_THROW_ON_ERROR),
                'openapi.yaml' . $pointer . '/content/application~1json/schema',
            );
            Assert::assertSame([], $faults, "$method $template, $status");
        }
    }

    /** @return array{string, array<mixed>} */
    private static function operation(string $method, string $path): array
    {
        foreach (self::paths() as $template => $operations) {
            $pattern = '#^' . preg_replace('/\\\{[^}]+\\\}/', '[^/]+', preg_quote($template, '#')) . '$#';
            $operation = $operations[strtolower($method)] ?? null;
            if (preg_match($pattern, $path) === 1 && \is_array($operation)) {
                return [$template, $operation];
            }
        }
        Assert::fail("$method $path is not in the contract");
    }

    /** @return array<string, array<mixed>> */
    public static function paths(): array
    {
        /** @var array<string, array<mixed>> */
        return Schemas::contract()['paths'];
    }

    /** @return array<mixed> */
    private static function at(string $pointer): array
    {
        $at = Schemas::contract();
        foreach (\array_slice(explode('/', $pointer), 1) as $key) {
            $at = $at[$key] ?? null;
            Assert::assertIsArray($at, $pointer);
        }

        return $at;
    }

    private static function escaped(string $path): string
    {
        return rawurlencode(str_replace(['~', '/'], ['~0', '~1'], $path));
    }
}
