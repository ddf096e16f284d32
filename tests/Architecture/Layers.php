<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\ClassNamespace;
use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Rules checked by PHPStan: how the application is layered, by use case, over the core. */
final class Layers
{
    /** Each folder may import those above it; the doors (Http, Console) stand below them all. */
    private const USE_CASES = [
        'Models',
        'Node',
        'Words',
        'Audit',
        'Account',
        'Outside',
        'Heat',
        'Phones',
        'Jobs',
        'Shelf',
        'Seal',
        'Supply',
        'Calibration',
        'Record',
        'Bench',
        'Order',
        'Day',
        'Counter',
        'Papers',
        'Privacy',
    ];

    /** What a page or a command asks through; nothing that works asks them. */
    private const DOORS = ['Http', 'Console'];

    /** @return iterable<string, Rule> */
    public function testAUseCaseImportsOnlyThoseAboveIt(): iterable
    {
        foreach (self::USE_CASES as $i => $folder) {
            yield $folder => PHPat::rule()
                ->classes(Selector::inNamespace('App\\' . $folder))
                ->shouldNot()->dependOn()
                ->classes(...self::folders([...array_slice(self::USE_CASES, $i + 1), ...self::DOORS]))
                ->because('a use case stands on those above it, and none knows who asks');
        }
    }

    public function testModelsKnowNoRequest(): Rule
    {
        return PHPat::rule()
            ->classes(...self::folders(['Models', 'Casts']))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Illuminate\Http'), Selector::inNamespace('Illuminate\Foundation'))
            ->excluding(Selector::classname('Illuminate\Foundation\Auth\User'))
            ->because('a row is the same whoever asks for it');
    }

    public function testUseCasesKnowNoRequestNorAnswer(): Rule
    {
        return PHPat::rule()
            ->classes(...self::folders(self::USE_CASES))
            ->shouldNot()
            ->dependOn()
            ->classes(
                Selector::inNamespace('Illuminate\Http\Request'),
                Selector::classname('Illuminate\Http\JsonResponse'),
            )
            ->because('the page, the command line and the seeder use the same use cases');
    }

    public function testTheDoorsOfOneUseCaseDoNotAskOneAnother(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Shelf'), Selector::inNamespace('App\Http\Phones'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Http\Bench'), Selector::inNamespace('App\Http\Counter'))
            ->because('the shelf and the phone files are there without a job');
    }

    /**
     * @param list<string> $names
     *
     * @return list<ClassNamespace>
     */
    private static function folders(array $names): array
    {
        return array_map(static fn(string $n) => Selector::inNamespace('App\\' . $n), $names);
    }
}
