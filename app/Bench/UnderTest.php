<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Jobs\Runs;
use App\Models\Job;
use App\Models\PhonePage;
use App\Models\PhoneTest;
use App\Models\User;
use App\Phones\PhoneLibrary;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Bench\Event;
use Facelift\Bench\EventType;
use Facelift\Proof\Fault\Sign;
use Facelift\Proof\Gate;
use Facelift\Proof\How;
use Facelift\Proof\Outcome;
use Facelift\Proof\Touch\DeadArea;
use Facelift\Proof\Touch\FlexEdge;
use Facelift\Proof\Touch\Grid;
use Facelift\Proof\Touch\Stroke;
use Facelift\Proof\Touch\Trace;
use Facelift\Proof\Touch\Zone;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The page for the phone under test: opened for one gate, told what it shows, ended with the gate. */
final readonly class UnderTest
{
    /** Minutes that a page stays open. */
    private const OPEN = 30;
    /** Fingers at once that every panel of today tells apart (common practice, no source). */
    private const FINGERS = 3;
    /** dB over the still room that a microphone has to tell of a voice beside it (common practice, no source). */
    private const OVER_STILL = 12;
    /** What a page may show or ask on the phone itself, as far as its browser can; everything else is done by hand. */
    public const TESTS = [
        PhoneFunction::Image,
        PhoneFunction::Touch,
        PhoneFunction::Brightness,
        PhoneFunction::Loudspeaker,
        PhoneFunction::Earpiece,
        PhoneFunction::Microphone,
        PhoneFunction::Vibration,
        PhoneFunction::FrontCamera,
        PhoneFunction::RearCamera,
        PhoneFunction::Charging,
        PhoneFunction::Wifi,
        PhoneFunction::AmbientLight,
        PhoneFunction::Stylus,
    ];

    public function __construct(
        private Runs $runs,
        private PhoneLibrary $phones,
        private AppendEvents $append,
    ) {}

    /**
     * Opens a page; an earlier one of the job ends.
     *
     * @return array{word: string, page: PhonePage} the word is in the page's address, and kept nowhere
     *
     * @throws Conflict If the job is closed, or its plan has no such gate.
     */
    public function open(Job $job, User $user, Gate $gate): array
    {
        if ($job->handed_over_at !== null) {
            throw Conflict::closed($job);
        }
        if (!isset($this->runs->plan($job)->gates[$gate->value])) {
            throw Conflict::notReachable(
                'There are no such tests in the plan any more. Nothing was kept; scan the code at the bench again.',
            );
        }
        $word = Str::random(40);

        return DB::connection()->transaction(static function () use ($job, $user, $gate, $word): array {
            PhonePage::query()->where('job_id', $job->id)->delete();
            $page = PhonePage::query()->create([
                'token' => hash('sha256', $word),
                'job_id' => $job->id,
                'gate' => $gate,
                'user_id' => $user->id,
                'expires_at' => now()->addMinutes(self::OPEN),
            ]);

            return ['word' => $word, 'page' => $page];
        });
    }

    /** The page of a word; null if there is none, it is too old, or its gate is through. */
    public function page(string $word): ?PhonePage
    {
        $page = PhonePage::query()->with('job', 'user')->find(hash('sha256', $word));
        if ($page === null || $page->expires_at->isPast() || $page->job->handed_over_at !== null) {
            return null;
        }
        $run = $this->runs->run($page->job);
        foreach ($run->plan->steps as $step) {
            if ($step->act->gate === $page->gate && $run->isDone($step)) {
                return null;
            }
        }

        return $page;
    }

    /**
     * What the page has to know: the gate's functions that it can test, and the lit area. Nothing of the job.
     *
     * @return array{functions: list<string>, left: list<string>, width: float, height: float, signs: bool}
     */
    public function shows(PhonePage $page): array
    {
        $can = $left = [];
        foreach ($this->runs->plan($page->job)->gates[$page->gate->value]->functions as $function) {
            if (in_array($function, self::TESTS, true)) {
                $can[] = $function->value;
            } else {
                $left[] = $function->value;
            }
        }
        $lit = $this->phones->phone($page->job->phone)->body->display;

        return [
            'functions' => $can,
            'left' => $left,
            'width' => $lit->width,
            'height' => $lit->height,
            'signs' => $page->gate === Gate::Finished,
        ];
    }

    /**
     * Keeps what the phone has shown, with the outcome as an event of the job: both or neither, the same id once.
     *
     * @param list<list<array{float, float, float}>> $strokes of the test of touch; else none
     * @param list<array{float, float}>              $marks   mm, where something is wrong with the picture
     * @param array<string, int>                     $felt    `fingers` at once, and `ghosts` that nobody touched
     * @param array<string, string|float>            $told    what the browser or the person told beside it
     *
     * @return array{outcome: string, figures: array<string, mixed>} as it was kept
     */
    public function keep(
        PhonePage $page,
        string $id,
        int $at,
        PhoneFunction $function,
        Outcome $outcome,
        array $strokes,
        array $marks,
        array $felt = [],
        array $told = [],
    ): array {
        $trace = $function === PhoneFunction::Touch ? $this->trace($page->job, $strokes) : null;
        $figures = $trace === null ? ['marks' => $marks] : self::touched($trace) + $felt;
        $figures += $told === [] ? [] : ['told' => $told];
        $sign = $trace === null ? null : $this->lies($page->job, $trace);
        $shown = $outcome === Outcome::Pass && self::showsAFault($figures) ? Outcome::Fail : $outcome;

        $keep = function () use ($page, $id, $at, $function, $shown, $figures, $sign): array {
            $kept = PhoneTest::query()->find($id);
            if ($kept !== null) {
                return ['outcome' => $kept->outcome, 'figures' => $kept->figures];
            }
            Moment::check($page->job, $at);
            $of = ['gate' => $page->gate->value, 'function' => $function->value, 'outcome' => $shown->value];
            PhoneTest::query()->create($of + [
                'id' => $id,
                'job_id' => $page->job_id,
                'figures' => $figures,
                'at' => $at,
            ]);
            $how = ['how' => How::OnThePhone->value] + ($shown === Outcome::Fail && $sign !== null
                ? ['sign' => $sign->value]
                : []);
            $event = new Event($id, EventType::Test, $at, $of + $how);
            if (($this->append)($page->job, $page->user, [$event])->refused !== []) {
                throw Conflict::notReachable(
                    'This is not tested at this moment. Nothing was kept; scan the code at the bench again.',
                );
            }

            return ['outcome' => $shown->value, 'figures' => $figures];
        };

        return DB::connection()->transaction($keep);
    }

    /**
     * A page may say what it will: nothing has passed whose own figures show a fault.
     *
     * @param array<string, mixed> $figures
     */
    private static function showsAFault(array $figures): bool
    {
        return ($figures['marks'] ?? []) !== []
            || ($figures['missed'] ?? []) !== []
            || ($figures['jumps'] ?? []) !== []
            || ($figures['ghosts'] ?? 0) !== 0
            || ($figures['fingers'] ?? self::FINGERS) < self::FINGERS
            || self::isDeaf(is_array($figures['told'] ?? null) ? $figures['told'] : []);
    }

    /** @param array<mixed> $told a level and its floor, in dB, where a microphone was tested */
    private static function isDeaf(array $told): bool
    {
        [$level, $floor] = [$told['level'] ?? null, $told['floor'] ?? null];

        return is_numeric($level) && is_numeric($floor) && $level - $floor < self::OVER_STILL;
    }

    /** How the missed cells lie: the edge that the display's flex leaves at tells a torn flex from something else. */
    private function lies(Job $job, Trace $trace): ?Sign
    {
        return DeadArea::sign($trace->grid, $trace->missed(), FlexEdge::of($this->phones->phone($job->phone)));
    }

    /** @param list<list<array{float, float, float}>> $strokes */
    private function trace(Job $job, array $strokes): Trace
    {
        $lit = $this->phones->phone($job->phone)->body->display;

        return Trace::of(
            new Grid($lit->width, $lit->height),
            array_map(static fn(array $points): Stroke => new Stroke($points), $strokes),
        );
    }

    /** @return array<string, mixed> */
    private static function touched(Trace $trace): array
    {
        return [
            'percent' => round($trace->percent(), 1),
            'missedArea' => round($trace->missedArea()),
            'missed' => array_map(static fn(Zone $z): array => [
                'x' => round($z->x, 1),
                'y' => round($z->y, 1),
                'width' => round($z->width, 1),
                'height' => round($z->height, 1),
            ], $trace->missed()),
            'jumps' => $trace->jumps,
        ];
    }
}
