<?php

declare(strict_types=1);

namespace App\Outside;

use App\Models\Claim;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Quantity\Money;
use Facelift\Quantity\NotAnAmount;

/** Asks the insurer to authorise an amount. */
final readonly class Insurer
{
    public function __construct(private Caller $caller) {}

    /**
     * @return array{state: string, authorised: string, reference: string}
     *
     * @throws NoGoodAnswer If it does not answer, or says something that cannot be; the claim may then be asked again.
     */
    public function authorise(Claim $claim, string $device, string $currency): array
    {
        $faults = new Faults();
        $n = Node::root(
            $this->caller->put('/authorisations/' . $claim->id, [
                'policy' => $claim->policy,
                'device' => $device,
                'amount' => $claim->asked,
                'currency' => $currency,
            ]),
            $faults,
        );
        $decision = $n->string('decision');
        $reference = $n->string('reference');
        try {
            $amount = Money::of($n->string('amount'));
        } catch (NotAnAmount) {
            throw NoGoodAnswer::nonsense('amount');
        }
        $asked = Money::of($claim->asked);
        $agrees = match ($decision) {
            'authorised' => $amount->equals($asked),
            'partly' => $amount->isLessThan($asked) && !$amount->isZero() && !$amount->isNegative(),
            'rejected' => $amount->isZero(),
            default => false,
        };
        if ($faults->any() || !$agrees || mb_strlen($reference) > 40) {
            throw NoGoodAnswer::nonsense('decision and amount');
        }

        return ['state' => $decision, 'authorised' => (string) $amount, 'reference' => $reference];
    }
}
