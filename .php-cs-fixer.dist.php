<?php

declare(strict_types=1);

require __DIR__ . '/bin/style/OneArgumentALine.php';

return (new PhpCsFixer\Config())
    ->registerCustomFixers([new Facelift\Style\OneArgumentALine()])
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS' => true,
        'Facelift/one_argument_a_line' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
        'strict_comparison' => true,
        'strict_param' => true,
        'fully_qualified_strict_types' => ['import_symbols' => true],
    ])
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setFinder(
        PhpCsFixer\Finder::create()
            ->in([
                __DIR__ . '/core',
                __DIR__ . '/app',
                __DIR__ . '/bin',
                __DIR__ . '/bootstrap',
                __DIR__ . '/config',
                __DIR__ . '/database',
                __DIR__ . '/packages',
                __DIR__ . '/routes',
                __DIR__ . '/tests',
            ])
            ->notPath('cache'),
    );
