<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Phones\PhoneLibrary;
use App\Words\Words;
use Facelift\Document\Reason;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Tests\TestCase;

final class SupportTest extends TestCase
{
    /** @param list<string> $found */
    #[TestWith([
        '',
        [
            'brasca-fern-3',
            'brasca-fern-4',
            'brasca-fern-5',
            'brasca-larch',
            'maruvi-cobnut',
            'maruvi-sorrel',
            'ondrel-gatefold',
            'quillon-hollin',
            'quillon-vesper-grand',
            'quillon-vesper',
            'tivane-anvil',
            'tivane-quire',
        ],
    ]),]
    #[TestWith(['QUILLON', ['quillon-hollin', 'quillon-vesper-grand', 'quillon-vesper']])]
    #[TestWith(['fern brasca', ['brasca-fern-3', 'brasca-fern-4', 'brasca-fern-5']])]
    #[TestWith(['qv-2114', ['quillon-vesper']])]
    #[TestWith(['nothing', []])]
    public function testPhonesAreFoundByEveryWord(string $query, array $found): void
    {
        self::assertEqualsCanonicalizing($found, array_keys(app(PhoneLibrary::class)->search($query)));
    }

    #[TestWith(['../../etc/passwd'])]
    #[TestWith(['no-such-phone'])]
    #[TestWith([''])]
    public function testOnlyPhoneFilesAreRead(string $id): void
    {
        $this->expectException(NotFoundHttpException::class);
        app(PhoneLibrary::class)->phone($id);
    }

    public function testWordsPutFiguresInAndLeaveTheUnknownVisible(): void
    {
        $words = app(Words::class);
        self::assertSame('Frees: Display', $words->reason(new Reason('frees', ['names' => 'Display'])));
        self::assertSame('step.no-such', $words->say('step.no-such'));
    }
}
