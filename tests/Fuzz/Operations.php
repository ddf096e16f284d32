<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Tests\Contract;

/** What can be asked of the API, as the contract has it. */
final class Operations
{
    /** Sessions end with these; they have tests of their own. */
    private const NOT = ['/api/sign-in', '/api/sign-out'];

    /** @return non-empty-list<array{string, string, array<mixed>}> method, path without /api, operation */
    public static function all(): array
    {
        $all = [];
        foreach (Contract::paths() as $template => $operations) {
            foreach (in_array($template, self::NOT, true) ? [] : $operations as $method => $operation) {
                if (is_array($operation) && in_array($method, ['get', 'post', 'put', 'delete'], true)) {
                    $shared = is_array($operations['parameters'] ?? null) ? $operations['parameters'] : [];
                    $own = is_array($operation['parameters'] ?? null) ? $operation['parameters'] : [];
                    $all[] = [
                        strtoupper($method),
                        substr($template, 4),
                        ['parameters' => [...$shared, ...$own]] + $operation,
                    ];
                }
            }
        }

        return $all === [] ? throw new \LogicException('the contract is empty') : $all;
    }
}
