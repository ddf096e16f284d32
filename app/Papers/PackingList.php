<?php

declare(strict_types=1);

namespace App\Papers;

use App\Models\Job;
use App\Models\PostBox;
use App\Phones\PhoneLibrary;
use App\Words\ShopTime;
use App\Words\ShownUnits;
use App\Words\Words;
use Illuminate\Validation\ValidationException;

/** What goes into the box that goes back, with the address as long as it is kept. */
final readonly class PackingList
{
    public function __construct(
        private PhoneLibrary $phones,
        private ShopTime $time,
        private ShownUnits $units,
        private Words $words,
    ) {}

    /** @throws ValidationException If the phone did not come by post. */
    public function pdf(Job $job): string
    {
        return PdfPaper::of($this->units->inHtml($this->html($job)));
    }

    /** @throws ValidationException If the phone did not come by post. */
    public function html(Job $job): string
    {
        $box = PostBox::query()->find($job->id);
        if ($box === null) {
            throw ValidationException::withMessages([
                'post' => 'This phone did not come by post: it is handed over at the counter.',
            ]);
        }

        return view('packing-list', [
            'job' => $job,
            'phone' => $this->phones->nameOf($job->phone),
            'box' => $box,
            'words' => $this->words,
            'time' => $this->time,
        ])->render();
    }
}
