<?php

declare(strict_types=1);

namespace App\Http\Counter;

use App\Counter\AskInsurer;
use App\Counter\RejectClaim;
use App\Counter\TakePayment;
use App\Exceptions\Conflict;
use App\Jobs\ShopBook;
use App\Models\Claim;
use App\Models\ClaimState;
use App\Models\Job;
use App\Models\User;
use App\Outside\NoGoodAnswer;
use Facelift\Quantity\Money;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;

final readonly class ClaimController
{
    private const MOST = 200;

    /** Money owed: overdue first, then by due date; what is paid or rejected comes last. */
    public function index(ShopBook $book): JsonResponse
    {
        $claims = Claim::query()
            ->with(['job', 'payments'])
            ->whereNotNull('due_on')
            ->orderByRaw('state in (?, ?)', [ClaimState::Paid->value, ClaimState::Rejected->value])
            ->orderBy('due_on')
            ->limit(self::MOST)
            ->get();
        $open = Money::sum(...$claims->map(static fn(Claim $c): Money => $c->open())->all());
        $overdue = Money::sum(
            ...$claims
                ->filter(static fn(Claim $c): bool => $c->isOverdue(Carbon::today()))
                ->map(static fn(Claim $c): Money => $c->open())
                ->all(),
        );

        return new JsonResponse([
            'currency' => $book->rules()->currency,
            'open' => (string) $open,
            'overdue' => (string) $overdue,
            'data' => $claims->map(QuoteResource::claim(...))->all(),
        ]);
    }

    public function update(ClaimRequest $request, Job $job, AskInsurer $ask): JsonResponse
    {
        try {
            $claim = $ask(
                $job,
                $request->string('id')->lower()->toString(),
                $request->string('policy')->trim()->toString(),
                $request->string('amount')->toString(),
            );
        } catch (NoGoodAnswer $e) {
            throw Conflict::noAnswer(
                'The insurer gives no answer now. '
                    . $e->getMessage()
                    . ' The question is kept; ask again in a moment.',
            );
        }

        return new JsonResponse(QuoteResource::claim($claim->load('job', 'payments')));
    }

    public function pay(PaymentRequest $request, Claim $claim, TakePayment $take): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse(
            QuoteResource::claim(
                $take(
                    $claim,
                    $user,
                    $request->string('id')->lower()->toString(),
                    $request->string('amount')->toString(),
                    $request->string('paidOn')->toString(),
                )->load('job', 'payments'),
            ),
        );
    }

    public function reject(Claim $claim, RejectClaim $reject): JsonResponse
    {
        return new JsonResponse(QuoteResource::claim($reject($claim)->load('job', 'payments')));
    }
}
