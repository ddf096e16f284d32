<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Calibration\KeepSeen;
use App\Calibration\ProgrammerWire;
use App\Calibration\Transfers;
use App\Calibration\WorkTransfer;
use App\Exceptions\Conflict;
use App\Models\Job;
use App\Models\KeptDump;
use App\Models\User;
use Facelift\Calibration\Ask;
use Facelift\Calibration\DumpDocument;
use Facelift\Calibration\IntelHex;
use Facelift\Calibration\NotNow;
use Facelift\Calibration\Seen\GivenUp;
use Facelift\Calibration\Seen\OtherPart;
use Facelift\Calibration\Seen\Seen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Config;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The transfer of the display's data at the bench. */
final readonly class TransferController
{
    public function __construct(private Transfers $transfers, private KeepSeen $keep) {}

    public function show(Job $job): JsonResponse
    {
        return new JsonResponse($this->state($job));
    }

    /** Goes on, and says block by block how far it is: one JSON text a line, the last one the state. */
    public function work(Request $request, Job $job, WorkTransfer $work): StreamedResponse
    {
        $user = self::user($request);
        $wire = new ProgrammerWire(
            Config::string('facelift.programmer'),
            Config::float('facelift.programmer_patience'),
        );
        $this->transfers->layout($job);

        return new StreamedResponse(function () use ($job, $user, $wire, $work): void {
            try {
                $plugged = $work($job, $user, $wire, static fn(Ask $ask, int $done, int $of) => self::line([
                    'doing' => ['kind' => $ask->kind->value, 'socket' => $ask->socket->value],
                    'done' => $done,
                    'of' => $of,
                ]));
                self::line(['state' => $this->state($job), 'plugged' => $plugged?->toArray()]);
            } catch (Conflict $e) {
                self::line(['refused' => $e->getMessage()]);
            }
        }, 200, ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no']);
    }

    public function end(EndTransferRequest $request, Job $job): JsonResponse
    {
        return $this->kept($job, self::user($request), new GivenUp($request->why()));
    }

    public function otherPart(Request $request, Job $job): JsonResponse
    {
        return $this->kept($job, self::user($request), new OtherPart());
    }

    /** A dump as our own document. */
    public function document(Job $job, string $dump): Response
    {
        $kept = self::dump($job, $dump);
        $document = (new DumpDocument())->write($kept->dump());

        return self::file(
            $kept,
            $job,
            'dump.json',
            'application/json',
            json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT),
        );
    }

    /** The same as Intel HEX, for any other program. */
    public function hex(Job $job, string $dump): Response
    {
        $kept = self::dump($job, $dump);

        return self::file(
            $kept,
            $job,
            'hex',
            'text/plain; charset=us-ascii',
            (new IntelHex())->write($kept->dump()->bytes),
        );
    }

    private static function dump(Job $job, string $id): KeptDump
    {
        return KeptDump::query()->where('job_id', $job->id)->findOrFail($id);
    }

    private static function file(
        KeptDump $dump,
        Job $job,
        string $ending,
        string $type,
        string $body,
    ): Response {
        $name = sprintf(
            '%s-%s-%s.%s',
            $job->tag(),
            $dump->socket,
            $dump->crc32,
            $ending,
        );

        return new Response($body, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => 'attachment; filename="' . $name . '"',
        ]);
    }

    private function kept(Job $job, User $user, Seen $seen): JsonResponse
    {
        try {
            ($this->keep)($job, $user, $seen);
        } catch (NotNow $e) {
            throw Conflict::notReachable($e->getMessage());
        }

        return new JsonResponse($this->state($job));
    }

    /** @return array<string, mixed> */
    private function state(Job $job): array
    {
        return TransferResource::of(
            $this->transfers->of($job),
            $this->transfers->panel($job),
            $this->transfers->failedInARow($job),
            KeptDump::query()->where('job_id', $job->id)->orderBy('at')->orderBy('id')->get(),
        );
    }

    /** @param array<string, mixed> $line */
    private static function line(array $line): void
    {
        echo json_encode($line, JSON_THROW_ON_ERROR), "\n";
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
