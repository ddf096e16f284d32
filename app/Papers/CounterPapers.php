<?php

declare(strict_types=1);

namespace App\Papers;

use App\Counter\Promise;
use App\Counter\Quoting;
use App\Exceptions\Conflict;
use App\Jobs\Planning;
use App\Jobs\ShopBook;
use App\Models\Job;
use App\Models\JobPhoto;
use App\Phones\PhoneLibrary;
use App\Words\ShopTime;
use App\Words\ShownUnits;
use App\Words\Words;
use Facelift\Condition\Mark;
use Facelift\Condition\MarkWords;
use Facelift\Condition\SignConsequence;
use Facelift\Document\Reason;
use Facelift\Pricing\Option;

/** What the customer takes along from the counter: the receipt for the phone, and the quote. */
final readonly class CounterPapers
{
    public function __construct(
        private Words $words,
        private PhoneLibrary $phones,
        private Planning $planning,
        private Quoting $quoting,
        private ShopBook $book,
        private Promise $promise,
        private ShopTime $time,
        private ShownUnits $units,
    ) {}

    /** @throws Conflict If nothing has been written down at check-in. */
    public function receipt(Job $job): string
    {
        return PdfPaper::of($this->units->inHtml($this->receiptHtml($job)));
    }

    /** @throws Conflict If nothing has been written down at check-in. */
    public function receiptHtml(Job $job): string
    {
        if ($job->condition === null) {
            throw Conflict::notReachable('The condition is not written down yet. First: Check-in.');
        }
        $condition = $this->planning->condition($job);
        $phone = $this->phones->phone($job->phone);

        return view('receipt', [
            'job' => $job,
            'phone' => $phone,
            'condition' => $condition,
            'words' => $this->words,
            'time' => $this->time,
            'marks' => array_map(
                fn(Mark $m): string => $this->words->reason((new MarkWords())->of($m, $phone)),
                $condition->marks,
            ),
            'consequences' => array_map(
                fn(Reason $r): string => $this->words->reason($r),
                array_merge(...array_map(SignConsequence::of(...), $condition->repairSigns)),
            ),
            'photos' => $job
                ->photos()
                ->get()
                ->map(fn(JobPhoto $p): string => $this->time->moment($p->created_at))
                ->all(),
            'signature' => $job->receipt === null ? null : Picture::signature($job->receipt['strokes']),
        ])->render();
    }

    /** @throws Conflict If no option has a price. */
    public function quote(Job $job): string
    {
        return PdfPaper::of($this->units->inHtml($this->quoteHtml($job)));
    }

    /** @throws Conflict If no option has a price. */
    public function quoteHtml(Job $job): string
    {
        $options = array_values(
            array_filter($this->quoting->options($job), static fn(Option $o): bool => $o->canBeOffered()),
        );
        if ($options === []) {
            throw Conflict::notReachable(
                'No option has a price: no part on the shelf says what it cost. Write that down at Shelf first.',
            );
        }
        usort(
            $options,
            static fn(Option $a, Option $b): int => ($a->kind() !== $job->kind) <=> ($b->kind() !== $job->kind),
        );

        return view('quote', [
            'job' => $job,
            'phone' => $this->phones->phone($job->phone),
            'words' => $this->words,
            'time' => $this->time,
            'rules' => $this->book->rules(),
            'options' => array_slice($options, 0, 3),
            'promises' => array_map(
                fn(Option $o) => $this->promise->of($job, $o->plan, $o->chosen?->part->item),
                $options,
            ),
        ])->render();
    }
}
