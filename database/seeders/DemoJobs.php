<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Counter\HandOver;
use App\Counter\OpenJob;
use App\Models\User;
use Facelift\Anatomy\ReplacementKind;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;

/** Demo jobs at different stations, made by the same actions that the counter and the bench use. */
final class DemoJobs extends Seeder
{
    /** A made-up number whose check digit agrees. */
    public const SEEN_BEFORE = '490154203237518';

    public function __construct(
        private readonly OpenJob $open,
        private readonly HandOver $handOver,
        private readonly DemoWork $work,
    ) {}

    public function run(): void
    {
        $user = User::query()->where('email', 'technician@lindenhalt.example')->firstOrFail();
        $this->work->by($user);
        $done = $this->work->planned(
            $this->work->job(
                'brasca-fern-5',
                'BF5-E',
                'moss',
                'Hedda Brandvold',
                ['cracked-glass', 'dead-zones'],
                ['touch'],
                [[[12, 140], [30, 118], [58, 110]]],
                self::SEEN_BEFORE,
            ),
            ReplacementKind::DisplayAssembly,
            'S-202',
        );
        $this->work->done($done, PHP_INT_MAX, 2400);
        $this->handOver->__invoke(
            $done->refresh(),
            $done->version,
            true,
            null,
            true,
        );

        $bench = $this->work->planned(
            $this->work->job(
                'quillon-vesper',
                'QV-2110',
                'graphite',
                'Marek Osei-Lind',
                ['cracked-glass'],
                [],
                [
                    [[8, 132], [22, 104], [16, 84], [30, 70]],
                    [[22, 104], [46, 98], [66, 88]],
                    [[46, 98], [52, 126], [60, 142]],
                ],
            ),
            ReplacementKind::DisplayAssembly,
            'S-101',
        );
        $this->work->done($bench, $this->work->beforeCut($bench, 2), 8);

        $this->work->planned(
            $this->work->job(
                'brasca-fern-5',
                'BF5-P',
                'slate',
                'Joana Ferrucci',
                ['lines', 'frame-bent'],
                ['image'],
                [],
            ),
            ReplacementKind::DisplayWithFrame,
            'S-204',
        );
        $this->work->job(
            'quillon-vesper',
            'QV-2111',
            'chalk',
            'Sven Achterberg',
            ['no-image', 'still-rings'],
            ['image', 'touch', 'brightness'],
            [],
        );
        $insured = $this->work->job(
            'quillon-vesper',
            'QV-2110',
            'graphite',
            'Leonor Szabo',
            ['cracked-glass'],
            [],
            [[[30, 20], [44, 40], [40, 70]]],
            payer: 'insurer',
        );
        $this->work->chosen($insured, ReplacementKind::DisplayAssembly, 'S-102');
        $this->work->job(
            'brasca-fern-5',
            'BF5-E',
            'moss',
            'Hedda Brandvold',
            ['no-touch'],
            ['touch'],
            [],
            self::SEEN_BEFORE,
        );
        $this->open->__invoke($user, [
            'id' => Str::uuid()->toString(),
            'phone' => 'quillon-vesper',
            'modelCode' => 'QV-2110',
            'colour' => null,
            'customer' => 'Amara Quist',
            'imei' => null,
        ]);
    }
}
