<?php

declare(strict_types=1);

namespace App\Counter;

use App\Jobs\Planning;
use App\Jobs\Runs;
use App\Models\Job;
use App\Models\OldPartKept;
use Facelift\Bench\OldPart;
use Facelift\Bench\Stream;

/** What becomes of the parts that are left over: suggested, and kept as it was said. */
final readonly class OldParts
{
    public function __construct(private Runs $runs, private Planning $planning) {}

    /** @return list<OldPart> */
    public function left(Job $job): array
    {
        return OldPart::of($this->runs->run($job), $this->planning->condition($job));
    }

    /**
     * Faults by field, as far as what was said cannot be kept.
     *
     * @param list<array{part: string, goes: Stream, place: string|null}> $said
     *
     * @return array<string, string>
     */
    public function faults(Job $job, array $said): array
    {
        $left = array_map(static fn(OldPart $o): string => $o->part->id, $this->left($job));
        $faults = [];
        foreach ($said as $i => $one) {
            if (!in_array($one['part'], $left, true)) {
                $faults["oldParts.$i.part"] = 'No part of this name is left over from this job.';
            } elseif ($one['goes']->staysInShop() && trim((string) $one['place']) === '') {
                $faults["oldParts.$i.place"] = 'What stays in the shop needs a place.';
            }
        }
        $named = array_column($said, 'part');
        $missing = $said === [] ? [] : array_diff($left, $named);
        if ($missing !== []) {
            $faults['oldParts'] = 'Say of every old part where it goes; missing: ' . implode(', ', $missing) . '.';
        }
        if (count(array_unique($named)) < count($named)) {
            $faults['oldParts'] = 'A part goes to one place only.';
        }

        return $faults;
    }

    /**
     * Call it inside the transaction that closes the job.
     *
     * @param list<array{part: string, goes: Stream, place: string|null}> $said
     */
    public function keep(Job $job, array $said): void
    {
        $names = [];
        foreach ($this->left($job) as $old) {
            $names[$old->part->id] = $old->part->name;
        }
        foreach ($said as $one) {
            $kept = OldPartKept::query()->create([
                'job_id' => $job->id,
                'part' => $one['part'],
                'name' => $names[$one['part']],
                'goes' => $one['goes'],
                'place' => $one['goes']->staysInShop() ? $one['place'] : null,
            ]);
            if ($one['goes']->staysInShop()) {
                // The row's own number: two at once never get the same label.
                $kept->update(['label' => sprintf('K-%04d', $kept->id)]);
            }
        }
    }
}
