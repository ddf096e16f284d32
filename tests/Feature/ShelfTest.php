<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DataSheet;
use App\Models\PartState;
use App\Models\Role;
use App\Models\ShelfImport;
use App\Models\ShelfItem;
use App\Shelf\PartsList\CsvFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Contract;
use Tests\TestCase;

final class ShelfTest extends TestCase
{
    private const HEADING = 'label;name;kind;codes;connector;technology;colour;supplier;place;cost;width;height';

    private const FIELDS = [
        'name' => 'Glass', 'kind' => 'glass-only', 'modelCodes' => ['QV-2110'], 'connector' => null,
        'technology' => null, 'colour' => null, 'refresh' => null, 'brings' => null, 'supplier' => 'Norvend Panels',
        'batch' => 'none', 'place' => 'A1', 'state' => 'new', 'cost' => null, 'sheet' => null,
    ];

    /** @return array<mixed> the import once every line is checked, or the refusal */
    private function send(string $text, int $status = 201): array
    {
        $response = $this->post(
            '/api/shelf/imports',
            ['id' => $this->newId(), 'list' => UploadedFile::fake()->createWithContent('parts.csv', $text)],
            ['Accept' => 'application/json'],
        );
        self::assertSame(
            $status,
            $response->baseResponse->getStatusCode(),
            (string) $response->baseResponse->getContent(),
        );
        Contract::check('POST', '/api/shelf/imports', $response);
        $import = $response->json();
        assert(is_array($import));
        while (($import['state'] ?? null) === 'checking') {
            assert(is_string($import['id']));
            $import = $this->ask('POST', '/shelf/imports/' . $import['id'] . '/check', status: 200)->json();
            assert(is_array($import));
        }

        return $import;
    }

    /** A list that names the phone leaves out what its file says: what is filled in is what the page fills in. */
    public function testAListNamesThePhoneAndLeavesOutWhatItsFileSays(): void
    {
        $this->as(Role::Technician);
        $import = $this->send(
            "phone;kind;supplier;place;name\n"
                . "Quillon Vesper;display assembly;Norvend Panels;A1;\n"
                . "qv-2110;glass only;Norvend Panels;A2;Vesper glass, cheap\n",
        );
        self::assertSame([], $import['faults']);
        self::assertSame(['ready', 2], [$import['state'], $import['total']]);
        assert(is_string($import['id']));
        $this->ask('POST', '/shelf/imports/' . $import['id'] . '/commit', status: 200);
        [$vesper, $glass] = ShelfItem::query()->orderBy('id')->get()->all();
        $known = collect((array) $this->ask('GET', '/phones/quillon-vesper/parts', status: 200)->json('data'))
            ->firstWhere('kind', 'display-assembly');
        self::assertSame($known, [
            'kind' => $vesper->kind->value,
            'name' => $vesper->name,
            'modelCodes' => $vesper->model_codes,
            'connector' => $vesper->connector,
            'technology' => $vesper->technology?->value,
            'refresh' => $vesper->refresh,
            'brings' => $vesper->brings,
        ]);
        self::assertSame(
            ['Vesper glass, cheap', ['QV-2110'], null],
            [$glass->name, $glass->model_codes, $glass->connector],
        );

        $bad = $this->send("phone;kind;supplier;place\nNobody One;glass-only;N;A\nBrasca Fern 5;glass-only;N;A\n");
        self::assertSame('refused', $bad['state']);
        self::assertSame(
            [['phone'], ['kind']],
            array_map(function (mixed $faults): array {
                $columns = array_column((array) $faults, 'column');
                sort($columns);

                return $columns;
            }, array_column((array) $bad['faults'], 'faults')),
        );
    }

    /** A label that somebody typed far ahead moves nothing, and is passed over when it is reached. */
    public function testALabelTypedFarAheadBlocksNoLaterOne(): void
    {
        $this->as(Role::Technician);
        foreach (['S-99999999999999999', 'S-002', 's-003'] as $label) {
            $this->ask('POST', '/shelf', ['label' => $label] + self::FIELDS, 201);
        }
        $given = fn(): mixed => $this->ask('POST', '/shelf', self::FIELDS, 201)->json('label');
        self::assertSame(['S-001', 'S-004'], [$given(), $given()]);
        // A list brings one of its own, and takes the next for those without.
        $import = $this->send(self::HEADING . "\n"
            . "S-005;A;glass-only;QV-2110;;;;N;A1;;;\n"
            . ";B;glass-only;QV-2110;;;;N;A1;;;\n");
        self::assertSame([], $import['faults']);
        assert(is_string($import['id']));
        $this->ask('POST', '/shelf/imports/' . $import['id'] . '/commit', status: 200);
        self::assertSame('S-006', ShelfItem::query()->where('name', 'B')->value('label'));
        self::assertSame('S-007', $given());
    }

    /** Taken off the shelf, it is offered to nobody and stays in the record. */
    public function testAPartIsTakenOffTheShelf(): void
    {
        $this->as(Role::FrontDesk);
        $item = $this->ask('POST', '/shelf', self::FIELDS, 201);
        $off = ['state' => 'gone', 'version' => $item->json('version')] + self::FIELDS;
        $id = ShelfItem::query()->firstOrFail()->id;
        $this->ask('PUT', "/shelf/$id", $off, 200)->assertJsonPath('state', 'gone');
        self::assertSame(0, ShelfItem::query()->whereIn('state', PartState::ON_SHELF)->count());
    }

    /** What a part costs is set by those who may see it: by a list no other way than by hand. */
    public function testTheFrontDeskSetsNoCostByAList(): void
    {
        $list = "name;kind;codes;supplier;place;cost\nA;glass-only;QV-2110;N;A1;12,50\n";
        foreach ([[Role::FrontDesk, ['cost'], null], [Role::Technician, [], '12.50']] as [$role, $left, $cost]) {
            $this->as($role);
            $import = $this->send($list);
            self::assertSame($left, $import['unknown']);
            assert(is_string($import['id']));
            $this->ask('POST', '/shelf/imports/' . $import['id'] . '/commit', status: 200);
            self::assertSame($cost, ShelfItem::query()->orderByDesc('id')->value('cost'));
        }
    }

    /** Of thousands that are alike a price needs one. */
    public function testAFullShelfIsNotFetchedForAPrice(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $one = ShelfItem::query()->where('label', 'S-101')->firstOrFail();
        $rows = [];
        for ($i = 0; $i < 2000; ++$i) {
            $rows[] = ['label' => "Z-$i", 'search' => '', 'created_at' => now(), 'updated_at' => now()]
                + array_diff_key($one->getAttributes(), ['id' => 0]);
        }
        foreach (array_chunk($rows, 500) as $part) {
            ShelfItem::query()->insert($part);
        }
        DB::insert("insert into shelf_item_codes select id, 'QV-2110' from shelf_items where label like 'Z-%'");
        $t = new Technician($this, $this->newId());
        $t->checkIn('quillon-vesper', 'QV-2110', ['cracked-glass']);
        $t->change('scope', ['kind' => 'display-assembly', 'reason' => null]);
        $fetched = 0;
        ShelfItem::retrieved(static function () use (&$fetched): void {
            ++$fetched;
        });
        $this->ask('GET', "/jobs/$t->job/scope", status: 200);
        self::assertLessThan(20, $fetched);
        Event::forget('eloquent.retrieved: ' . ShelfItem::class);
    }

    public function testAListIsCheckedPreviewedAndTakenOver(): void
    {
        $this->as(Role::Technician);
        $import = $this->send(
            self::HEADING
                . "\n"
                . 'X-1;Vesper display;display-assembly;QV-2110 QV-2111;QV-46P;oled;graphite;Norvend Panels;'
                . "A1;1.061,40;64,2;138,6\n"
                . ";\"Fern 5 display,\nboxed\";Display Assembly;BF5-E;BF-40Z;OLED;moss;Norvend Panels;B1;58,30;;\n",
        );
        self::assertSame(
            ['ready', 2, 0, ';', ',', 'UTF-8'],
            [
                $import['state'],
                $import['total'],
                $import['bad'],
                $import['separator'],
                $import['decimal'],
                $import['encoding'],
            ],
        );
        self::assertIsArray($import['preview']);
        self::assertSame([2, 3], array_column($import['preview'], 'line'));
        self::assertSame(
            'unknown',
            $this->at($import, 'preview.0.fits.0.verdict'),
            'thickness and more are not in the list',
        );
        self::assertSame(0, ShelfItem::query()->count(), 'nothing is on the shelf before it is taken over');
        assert(is_string($import['id']));
        $this->ask('POST', '/shelf/imports/' . $import['id'] . '/commit', status: 200)->assertJsonPath('state', 'done');
        $this->ask('POST', '/shelf/imports/' . $import['id'] . '/commit', status: 200)->assertJsonPath('state', 'done');
        self::assertSame(['X-1', 'S-001'], ShelfItem::query()->orderBy('id')->pluck('label')->all());
        self::assertSame(['1061.40', '58.30'], ShelfItem::query()->orderBy('id')->pluck('cost')->all());
        self::assertSame('S-001', $this->ask('GET', '/shelf?q=boxed', status: 200)->json('data.0.label'));
    }

    public function testABadListLeavesTheShelfAsItWasAndNamesEveryLine(): void
    {
        $this->as(Role::Technician);
        $this->shelf();
        $before = ShelfItem::query()->count();
        $import = $this->send(
            self::HEADING
                . "\n"
                . "X-1;Good;display-assembly;QV-2110;;;;Norvend;A1;10,00;;\n"
                . "S-101;Twin;display-assembly;QV-2110;;;;Norvend;A1;;;\n"
                . "X-1;Twin;display-assembly;QV-2110;;;;Norvend;A1;;;\n"
                . "X-2;;lid;;;plasma;;;A1;free;;\n"
                . "X-3;Long;display-assembly;QV-2110;;;;Norvend;A1;;;;;surplus\n",
        );
        self::assertSame(['refused', 5, 4], [$import['state'], $import['total'], $import['bad']]);
        self::assertIsArray($import['faults']);
        $faults = [];
        foreach ($import['faults'] as $row) {
            self::assertIsArray($row);
            self::assertIsArray($row['faults']);
            self::assertIsInt($row['line']);
            $faults[$row['line']] = array_column($row['faults'], 'reason', 'column');
        }
        self::assertSame('"S-101" is on the shelf already', $faults[3]['label']);
        self::assertSame('"X-1" stands in line 2 already', $faults[4]['label']);
        self::assertEqualsCanonicalizing(
            ['name', 'kind', 'codes', 'technology', 'supplier', 'cost'],
            array_keys($faults[5]),
        );
        self::assertArrayHasKey('line', $faults[6]);
        assert(is_string($import['id']));
        $this->ask('POST', '/shelf/imports/' . $import['id'] . '/commit', status: 409);
        self::assertSame($before, ShelfItem::query()->count());
    }

    #[DataProvider('files')]
    public function testWhatIsNoPartsListIsRefused(string $text, string $says): void
    {
        $this->as(Role::Technician);
        $answer = $this->send($text, 422);
        self::assertStringContainsString($says, json_encode($answer, JSON_THROW_ON_ERROR));
        self::assertSame(0, ShelfImport::query()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function files(): iterable
    {
        yield 'no columns' => ["a;b\n1;2\n", 'missing: name, kind, codes, supplier, place'];
        yield 'no lines' => [self::HEADING . "\n", 'no line below the heading'];
        yield 'a column twice' => [self::HEADING . ";name\nx\n", 'named twice: name'];
        yield 'no text' => ["\x89PNG\r\n\0\0", 'no text file'];
    }

    /** @param non-empty-string $from */
    #[DataProvider('writings')]
    public function testEncodingSeparatorAndDecimalSignAreRecognised(
        string $from,
        string $mark,
        string $separator,
        string $cost,
    ): void {
        $this->as(Role::Technician);
        $line = str_replace(';', $separator, self::HEADING)
            . "\r\n"
            . implode($separator, [
                'X-1',
                '"Größe ""M"""',
                'display-assembly',
                'QV-2110',
                '',
                '',
                '',
                'Østfold',
                'A1',
                $cost,
                '',
                '',
            ])
            . "\r\n";
        $import = $this->send($mark . mb_convert_encoding($line, $from, 'UTF-8'));
        self::assertSame('ready', $import['state'], json_encode($import['faults'], JSON_THROW_ON_ERROR));
        assert(is_string($import['id']));
        $this->ask('POST', '/shelf/imports/' . $import['id'] . '/commit', status: 200);
        $item = ShelfItem::query()->firstOrFail();
        self::assertSame(['Größe "M"', 'Østfold', '12.50'], [$item->name, $item->supplier, $item->cost]);
    }

    /** @return iterable<string, array{non-empty-string, string, string, string}> */
    public static function writings(): iterable
    {
        yield 'UTF-8, comma, point' => ['UTF-8', '', ',', '12.50'];
        yield 'UTF-8 with its mark, semicolon, comma' => ['UTF-8', "\xEF\xBB\xBF", ';', '12,50'];
        yield 'UTF-16, tab' => ['UTF-16LE', "\xFF\xFE", "\t", '12,5'];
        yield 'Windows-1252, semicolon' => ['Windows-1252', '', ';', '12,50'];
    }

    public function testWhatIsWrittenIsReadBackTheSame(): void
    {
        $this->as(Role::Owner);
        $this->shelf();
        $text = $this->ask('GET', '/shelf/export.csv', status: 200)->streamedContent();
        $before = ShelfItem::query()
            ->orderBy('id')
            ->get()
            ->map(static fn(ShelfItem $i): array => self::told($i))
            ->all();
        ShelfItem::query()->delete();
        $import = $this->send($text);
        self::assertSame('ready', $import['state'], json_encode($import['faults'], JSON_THROW_ON_ERROR));
        assert(is_string($import['id']));
        $this->ask('POST', '/shelf/imports/' . $import['id'] . '/commit', status: 200);
        $after = ShelfItem::query()->orderBy('id')->get()->map(static fn(ShelfItem $i): array => self::told($i))->all();
        self::assertEquals($before, $after);
        self::assertSame(
            "'=SUM(A1),\"a,b\",\"say \"\"x\"\"\",-1.5,'-1+2,'-A1,-\r\n",
            CsvFile::line(
                '=SUM(A1)',
                'a,b',
                'say "x"',
                '-1.5',
                '-1+2',
                '-A1',
                '-',
            ),
        );
    }

    public function testTwentyThousandLinesGoInPiecesAndWhole(): void
    {
        $this->as(Role::Technician);
        $lines = self::HEADING . "\n";
        for ($i = 1; $i <= 20_000; ++$i) {
            $lines .= "L-$i;Vesper display;display-assembly;QV-2110;QV-46P;oled;graphite;"
                . "Norvend Panels;A1;61,40;64,2;138,6\n";
        }
        $import = $this->send($lines);
        self::assertSame(['ready', 20_000, 20_000], [$import['state'], $import['total'], $import['checked']]);
        assert(is_string($import['id']));
        $this->ask('POST', '/shelf/imports/' . $import['id'] . '/commit', status: 200);
        self::assertSame(20_000, ShelfItem::query()->count());
    }

    public function testLabelsCarryACodeThatOpensTheItem(): void
    {
        $this->as(Role::FrontDesk);
        $this->shelf();
        $pdf = (string) $this->ask(
            'GET',
            '/shelf/labels.pdf?labels=S-101,S-204',
            status: 200,
        )->baseResponse->getContent();
        $file = tempnam(sys_get_temp_dir(), 'labels');
        assert(is_string($file));
        file_put_contents($file, $pdf);
        // Read back by independent programs: poppler draws the page, zbar reads the codes.
        (new Process(['pdftoppm', '-r', '200', '-gray', '-singlefile', $file, $file]))->mustRun();
        $read = (new Process(['zbarimg', '--raw', '-q', $file . '.pgm']))->mustRun()->getOutput();
        $text = (new Process(['pdftotext', $file, '-']))->mustRun()->getOutput();
        array_map(unlink(...), [$file, $file . '.pgm']);
        $found = array_filter(explode("\n", $read), static fn(string $line): bool => $line !== '');
        sort($found);
        self::assertSame(
            ['http://127.0.0.1:8480/shelf/S-101', 'http://127.0.0.1:8480/shelf/S-204'],
            array_map(
                static fn(string $u): string => str_replace('http://localhost', 'http://127.0.0.1:8480', $u),
                $found,
            ),
        );
        self::assertStringContainsString('Fern 5 display with frame', (string) preg_replace('/\s+/', ' ', $text));
        self::assertStringNotContainsString('TCPDF', $text);
        $this->ask('GET', '/shelf/labels.pdf?labels=Q-1', status: 422);
    }

    public function testCountingNamesWhatIsMissingAndWhatIsStrange(): void
    {
        $this->as(Role::FrontDesk);
        $this->shelf();
        $id = $this->newId();
        $all = ShelfItem::query()->count();
        $this->ask('POST', '/shelf/counts', ['id' => $id], 200)->assertJsonPath('missing', $all);
        $this->ask('POST', "/shelf/counts/$id/items", ['label' => 's-101'], 200)
            ->assertJsonPath('counted', 1)
            ->assertJsonPath('last.item.label', 'S-101');
        $this->ask(
            'POST',
            "/shelf/counts/$id/items",
            ['label' => 'http://127.0.0.1:8480/shelf/S-101'],
            200,
        )->assertJsonPath('counted', 1);
        $this->ask('POST', "/shelf/counts/$id/items", ['label' => 'Z-9'], 200)
            ->assertJsonPath('strange', ['Z-9'])
            ->assertJsonPath('last.item', null);
        $closed = $this->ask('POST', "/shelf/counts/$id/close", status: 200);
        self::assertSame([true, $all - 1], [$closed->json('closed'), $closed->json('missing')]);
        self::assertNotNull(ShelfItem::query()->where('label', 'S-101')->firstOrFail()->counted_at);
        $this->ask('POST', "/shelf/counts/$id/items", ['label' => 'S-102'], 409);
        $this->ask('GET', "/shelf/counts/$id", status: 200);
    }

    public function testAPartIsTakenInAndChangedByOnePersonAtATime(): void
    {
        $this->as(Role::Technician);
        $fields = [
            'name' => 'Vesper display',
            'kind' => 'display-assembly',
            'modelCodes' => ['QV-2110'],
            'supplier' => 'Norvend Panels',
            'batch' => 'NP-1',
            'state' => 'new',
            'place' => 'A1',
            'cost' => '61.4',
            'sheet' => ['thickness' => 1.35],
        ];
        $item = $this->ask('POST', '/shelf', $fields, 201)
            ->assertJsonPath('label', 'S-001')
            ->assertJsonPath('cost', '61.40')
            ->assertJsonPath('sheet.thickness', 1.35);
        $this->ask('POST', '/shelf', ['label' => 'S-001'] + $fields, 422)->assertJsonValidationErrors(['label']);
        $this->ask('POST', '/shelf', ['kind' => 'lid', 'modelCodes' => []] + $fields, 422)->assertJsonValidationErrors([
            'kind',
            'modelCodes',
        ]);
        $number = $item->json('id');
        assert(is_int($number));
        $this->ask('PUT', '/shelf/' . $number, ['version' => 1, 'place' => 'A2'] + $fields, 200)->assertJsonPath(
            'version',
            2,
        );
        $this->ask('PUT', '/shelf/' . $number, ['version' => 1, 'place' => 'A3'] + $fields, 409)->assertJsonPath(
            'code',
            'stale-version',
        );
        $this->as(Role::FrontDesk);
        $this->ask(
            'PUT',
            '/shelf/' . $number,
            ['version' => 2, 'place' => 'A4', 'cost' => '1.00'] + $fields,
            200,
        )->assertJsonPath('cost', null);
        self::assertSame(
            '61.40',
            ShelfItem::query()->firstOrFail()->cost,
            'the front desk does not see the cost and does not change it',
        );
    }

    /** @return array<string, mixed> everything that a list carries of a part */
    private static function told(ShelfItem $item): array
    {
        /** @var array<string, mixed> $all */
        $all = $item->toArray();

        return ['sheet' => DataSheet::data($item->offer()->sheet)]
            + array_diff_key($all, array_flip(['id', 'created_at', 'updated_at']));
    }

    /** @param array<mixed> $data */
    private function at(array $data, string $path): mixed
    {
        return data_get($data, $path);
    }
}
