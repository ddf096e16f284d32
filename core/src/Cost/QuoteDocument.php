<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Payer;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Reason;
use Facelift\Document\Unreadable;
use Facelift\Quantity\Money;
use Facelift\Quantity\NotAnAmount;

/** An accepted quote as it is kept with its job: written, and read back the same. */
final readonly class QuoteDocument
{
    /** @return array<string, mixed> */
    public function write(Quote $quote): array
    {
        return [
            'kind' => $quote->kind->value,
            'name' => $quote->name,
            'item' => $quote->part->item,
            'label' => $quote->part->label,
            'part' => $quote->part->name,
            'handsOn' => round($quote->handsOn),
            'money' => $this->charge($quote->charge),
            'warranty' => $quote->warranty,
            'payer' => $quote->payer->value,
            'insured' => (string) $quote->insured,
            'due' => (string) $quote->due(),
            'customer' => array_map(static fn(Reason $r): array => $r->toArray(), $quote->customer),
            'data' => $quote->data === null ? null : (new DataDecisionFormat())->write($quote->data),
        ];
    }

    /**
     * @return array{
     *     gross: string, net: string, tax: string, rule: string, worth: array<string, mixed>|null,
     *     inside: array<string, mixed>
     * }
     */
    public function charge(Charge $charge): array
    {
        $line = static fn(Line $l): array => [
            'code' => $l->code,
            'quantity' => round($l->quantity, 3),
            'amount' => (string) $l->amount,
        ];
        $inside = $charge->inside;

        return [
            'gross' => (string) $charge->gross,
            'net' => (string) $charge->net,
            'tax' => (string) $charge->tax,
            'rule' => $charge->rule->value,
            'worth' => $charge->worth?->toArray(),
            'inside' => [
                'lines' => array_map($line, $inside->lines),
                'risks' => array_map($line, $inside->risks),
                'plain' => (string) $inside->plain,
                'expected' => (string) $inside->expected,
                'margin' => (string) $inside->margin,
                'underFloor' => $inside->underFloor,
            ],
        ];
    }

    /** @throws Unreadable If anything is wrong. */
    public function read(mixed $data): Quote
    {
        $faults = new Faults();
        $n = Node::root($data, $faults);
        // Not in quotes of before: nothing was decided then.
        $decided = $n->optionalNode('data');
        $quote = new Quote(
            $n->enum('kind', ReplacementKind::class),
            $n->string('name'),
            new QuotedPart($n->int('item', 1, \PHP_INT_MAX), $n->string('label'), $n->string('part')),
            $n->number('handsOn', 0, 1_000_000),
            $this->readCharge($n->node('money')),
            $n->flag('warranty'),
            $n->enum('payer', Payer::class),
            self::amount($n, 'insured'),
            $n->each('customer', Reason::read(...)),
            $decided === null ? null : (new DataDecisionFormat())->read($decided),
        );
        if ($faults->any()) {
            throw Unreadable::because('quote', $faults->all());
        }

        return $quote;
    }

    private function readCharge(Node $n): Charge
    {
        $worth = $n->optionalNode('worth');
        $inside = $n->node('inside');
        $line = static fn(Node $l): Line => new Line(
            $l->string('code'),
            $l->number('quantity', 0, 1_000_000),
            self::amount($l, 'amount'),
        );

        return new Charge(
            self::amount($n, 'gross'),
            self::amount($n, 'net'),
            self::amount($n, 'tax'),
            $n->enum('rule', PriceRule::class),
            $worth === null ? null : Reason::read($worth),
            new Inside(
                $inside->each('lines', $line),
                $inside->each('risks', $line),
                self::amount($inside, 'plain'),
                self::amount($inside, 'expected'),
                self::amount($inside, 'margin'),
                $inside->flag('underFloor'),
            ),
        );
    }

    private static function amount(Node $n, string $key): Money
    {
        try {
            return Money::of($n->string($key));
        } catch (NotAnAmount $e) {
            $n->fault($key, $e->getMessage());

            return Money::zero();
        }
    }
}
