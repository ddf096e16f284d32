<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\Conflict;
use App\Jobs\Runs;
use App\Models\GateSignature;
use App\Models\PhonePage;
use Facelift\Proof\Gate;
use Facelift\Proof\Outcome;

/** The customer signs on the phone itself for what was tested on it. */
final readonly class SignOnPhone
{
    public function __construct(private Runs $runs) {}

    /**
     * Keeps what the customer signed once the last gate was tested, with what stood there by then; the same id once.
     *
     * @param list<list<array{float, float}>> $strokes
     *
     * @throws Conflict If the page is of a gate that nobody signs for.
     */
    public function __invoke(
        PhonePage $page,
        string $id,
        int $at,
        string $name,
        array $strokes,
    ): void {
        if ($page->gate !== Gate::Finished) {
            throw Conflict::notReachable('Only the tests before closing are signed for. Nothing was kept; sign there.');
        }
        Moment::check($page->job, $at);
        $run = $this->runs->run($page->job);
        $tests = $run->state->proofs->tests[$page->gate->value] ?? [];
        GateSignature::query()->firstOrCreate(['id' => $id], [
            'job_id' => $page->job_id,
            'gate' => $page->gate,
            'name' => $name,
            'strokes' => $strokes,
            'passed' => [
                'passed' => array_keys($tests, Outcome::Pass->value, true),
                'failed' => array_keys($tests, Outcome::Fail->value, true),
                'open' => $run->untested($page->gate),
            ],
            'at' => $at,
        ]);
    }
}
