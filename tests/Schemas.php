<?php

declare(strict_types=1);

namespace Tests;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Resolvers\SchemaResolver;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;

/** The contract and the schemas of the open formats, ready to check documents against. */
final class Schemas
{
    public const BASE = 'facelift:///contract/';

    private static ?Validator $validator = null;

    /** @var array<string, mixed>|null */
    private static ?array $contract = null;

    /** @return array<string, mixed> the contract as plain data */
    public static function contract(): array
    {
        if (self::$contract === null) {
            $parsed = Yaml::parseFile(self::folder() . 'openapi.yaml');
            \assert(\is_array($parsed));
            /** @var array<string, mixed> $parsed */
            self::$contract = $parsed;
        }

        return self::$contract;
    }

    /**
     * @param string $schema path below the contract folder, with or without a pointer
     *
     * @return array<string, mixed> faults by JSON pointer; empty if the document agrees
     */
    public static function faults(mixed $document, string $schema): array
    {
        $plain = json_decode(json_encode($document, \JSON_THROW_ON_ERROR), false, 512, \JSON_THROW_ON_ERROR);
        $error = self::validator()->validate($plain, self::BASE . $schema)->error();

        /** @var array<string, mixed> */
        return $error === null ? [] : (new ErrorFormatter())->format($error);
    }

    /**
     * A part of the contract as plain data; null if there is none.
     *
     * @param string $file    below the contract folder, or a schema beside others
     * @param string $pointer as behind a #
     */
    public static function part(string $file, string $pointer): mixed
    {
        /** @var array<string, mixed> $read */
        static $read = [];
        $file = str_contains($file, '/') || $file === 'openapi.yaml' ? $file : "schemas/$file";
        $at = $file === 'openapi.yaml'
            ? self::contract()
            : $read[$file] ??= json_decode((string) file_get_contents(self::folder() . $file), true);
        foreach (\array_slice(explode('/', $pointer), 1) as $key) {
            $at = \is_array($at) ? $at[str_replace(['~1', '~0'], ['/', '~'], $key)] ?? null : null;
        }

        return $at;
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator();
            self::$validator->setMaxErrors(20);
            $resolver = self::$validator->resolver();
            \assert($resolver instanceof SchemaResolver);
            $resolver->registerRaw(self::document());
            foreach (['phone', 'plan', 'condition', 'job', 'dump', 'day'] as $name) {
                $resolver->registerFile(
                    self::BASE . "schemas/$name.schema.json",
                    self::folder() . "schemas/$name.schema.json",
                );
            }
        }

        return self::$validator;
    }

    private static function document(): object
    {
        $document = json_decode(
            json_encode(['$id' => self::BASE . 'openapi.yaml'] + self::contract(), \JSON_THROW_ON_ERROR),
            false,
            512,
            \JSON_THROW_ON_ERROR,
        );
        \assert(\is_object($document));

        return $document;
    }

    private static function folder(): string
    {
        return \dirname(__DIR__) . '/contract/';
    }
}
