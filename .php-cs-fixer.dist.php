<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'trailing_comma_in_multiline' => true,
        'strict_comparison' => true,
        'strict_param' => true,
        'fully_qualified_strict_types' => ['import_symbols' => true],
    ])
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setFinder(
        PhpCsFixer\Finder::create()
            ->in([__DIR__ . '/core', __DIR__ . '/app', __DIR__ . '/bin', __DIR__ . '/bootstrap', __DIR__ . '/config', __DIR__ . '/database', __DIR__ . '/packages', __DIR__ . '/routes', __DIR__ . '/tests'])
            ->notPath('cache'),
    );
