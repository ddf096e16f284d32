<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** What fails at a gate is located from everything that was tested, and each look moves it. */
final class LocatedFaultsTest extends TestCase
{
    private Technician $t;

    protected function setUp(): void
    {
        parent::setUp();
        $this->t = $this->atBench();
    }

    public function testNothingIsLocatedWhileNothingFails(): void
    {
        $this->t->workUpTo('gate:trial');
        self::assertNull($this->proof()['located']);
    }

    public function testADeadTouchAtTheTrialPointsToItsPlugWhichLiesOpen(): void
    {
        $this->t->workUpTo('gate:trial');
        $this->tell('trial', ['touch' => 'dead', 'image' => null, 'brightness' => null, 'part-notice' => null]);
        [$first] = $this->ranked();
        self::assertSame(['plug-off', 'touch-plug'], [$first['kind'], $first['subject']]);
        self::assertSame(['touch'], $first['explains']);
        self::assertSame('reseat', $first['look']);
        self::assertSame(['battery-plug', 'touch-plug'], array_column((array) $first['undo'], 'id'));
        self::assertSame([], $first['grips'], 'nothing is bonded yet');
        $row = $this->row('trial', 'touch');
        self::assertSame(['fail', 'dead', 'shop'], [$row['after'], $row['sign'], $row['bears']]);
        // Seated again, and no better: the new part is next, and it is the supplier's.
        $this->event('looked', ['look' => 'reseat', 'subject' => 'touch-plug', 'result' => 'not-found']);
        [$first] = $this->ranked();
        self::assertSame('part-faulty', $first['kind']);
        self::assertSame('shop', $this->row('trial', 'touch')['bears'], 'not likely enough yet to name another');
        $this->event('looked', ['look' => 'look-at-flex', 'subject' => 'display', 'result' => 'not-found']);
        self::assertSame('supplier', $this->row('trial', 'touch')['bears']);
    }

    public function testAtTheEndTheWayBackLeadsThroughTheFreshSealAndSaysSinceWhenItHolds(): void
    {
        $this->t->workUpTo('gate:finished');
        $this->tell('finished', ['earpiece' => 'dead', 'proximity' => 'dead', 'ambient-light' => 'dead']);
        [$first] = $this->ranked();
        self::assertSame(['plug-off', 'sensor-plug'], [$first['kind'], $first['subject']]);
        self::assertEqualsCanonicalizing(['earpiece', 'proximity', 'ambient-light'], (array) $first['explains']);
        $undo = array_column((array) $first['undo'], 'id');
        self::assertContains('seal', $undo);
        self::assertNotContains('earpiece-screws', $undo);
        self::assertSame(['gate' => 'dry', 'outcome' => 'pass'], $this->row('finished', 'earpiece')['earlier']);
        $grips = $first['grips'];
        self::assertIsArray($grips);
        self::assertIsArray($grips[0]);
        self::assertGreaterThan(0, $grips[0]['hours']);
        self::assertLessThanOrEqual($this->t->now(), $grips[0]['shut']);
    }

    public function testALookNeedsToSayWhatItShowed(): void
    {
        $this->t->workUpTo('gate:trial');
        $guess = ['look' => 'guess', 'subject' => 'x', 'result' => 'found'];
        foreach ([$guess, ['look' => 'reseat', 'subject' => 'x']] as $of) {
            $answer = $this->t->send([$this->t->event('looked', $of)]);
            self::assertIsArray($answer['refused']);
            self::assertCount(1, $answer['refused']);
        }
        $answer = $this->t->send([$this->t->event('test', [
            'gate' => 'trial', 'function' => 'touch', 'outcome' => 'fail', 'sign' => 'sulks',
        ])]);
        self::assertNotSame([], $answer['refused']);
    }

    /** The dead band that the phone itself has measured is among what it is located from. */
    public function testABandMeasuredOnThePhoneCounts(): void
    {
        $this->t->workUpTo('gate:dry');
        $word = $this->ask('POST', "/jobs/{$this->t->job}/phone-page", ['gate' => 'dry'], 200)->json('address');
        self::assertIsString($word);
        $strokes = [];
        // Every row but three in the middle, from edge to edge: the flex of this display leaves at the right.
        for ($y = 2.0; $y < 138.0; $y += 4.0) {
            if ($y < 60 || $y > 75) {
                $strokes[] = [[0.5, $y, 0], [63.8, $y, 900]];
            }
        }
        $path = (string) parse_url($word, PHP_URL_PATH);
        $this->postJson("$path/results", [
            'id' => $this->newId(), 'at' => $this->t->now(), 'function' => 'touch', 'outcome' => 'pass',
            'strokes' => $strokes, 'marks' => [],
        ])->assertOk();
        self::assertSame('band-at-flex', $this->row('dry', 'touch')['sign']);
        self::assertSame('flex-hurt', $this->ranked()[0]['kind']);
    }

    /** @param array<string, string|null> $outcomes how it fails by function; null if it passes */
    private function tell(string $gate, array $outcomes): void
    {
        foreach ($outcomes as $function => $sign) {
            $this->event('test', $sign === null
                ? ['gate' => $gate, 'function' => $function, 'outcome' => 'pass']
                : ['gate' => $gate, 'function' => $function, 'outcome' => 'fail', 'sign' => $sign]);
        }
    }

    /** @param array<string, string> $data */
    private function event(string $type, array $data): void
    {
        $this->t->goesOn();
        self::assertSame([], $this->t->send([$this->t->event($type, $data)])['refused']);
    }

    /** @return array<string, mixed> */
    private function proof(): array
    {
        $proof = $this->ask('GET', "/jobs/{$this->t->job}/proof", [], 200)->json();
        self::assertIsArray($proof);

        /** @var array<string, mixed> */
        return $proof;
    }

    /** @return list<array<string, mixed>> */
    private function ranked(): array
    {
        $located = $this->proof()['located'];
        self::assertIsArray($located);

        /** @var list<array<string, mixed>> */
        return $located['ranked'];
    }

    /** @return array<string, mixed> */
    private function row(string $gate, string $function): array
    {
        /** @var list<array{gate: string, rows: list<array<string, mixed>>}> $gates */
        $gates = $this->proof()['gates'];
        foreach ($gates as $g) {
            foreach ($g['gate'] === $gate ? $g['rows'] : [] as $row) {
                if ($row['function'] === $function) {
                    return $row;
                }
            }
        }
        self::fail("no $function at $gate");
    }
}
