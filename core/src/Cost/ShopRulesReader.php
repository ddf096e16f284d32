<?php

declare(strict_types=1);

namespace Facelift\Cost;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Document\Faults;
use Facelift\Document\Node;
use Facelift\Document\Unreadable;
use Facelift\Quantity\Money;
use Facelift\Quantity\NotAnAmount;
use Facelift\Seal\CornerCut;

/** Reads the shop's rules as they are kept and sent: amounts as decimal text. */
final readonly class ShopRulesReader
{
    /** Until the owner has set others. Amounts are made up. */
    public const USUAL = [
        'currency' => 'EUR',
        'hourlyRate' => '36.00',
        'taxRate' => '0.19',
        'roundTo' => '1.00',
        'marginFloor' => '0.25',
        'tapeMetre' => '0.60',
        'seal' => '3.20',
        'glueMl' => '1.10',
        'glassKit' => '4.50',
        'sundries' => '1.50',
        'fixed' => [],
        'worth' => [],
        'warrantyDays' => 180,
        'insurerDays' => 14,
        'picks' => ShopRules::PICKS,
        'holds' => true,
        'chance' => ShopRules::CHANCE,
        'corner' => CornerCut::Notched->value,
    ];

    /** @throws Unreadable If anything is wrong; nothing is kept. */
    public function read(mixed $data): ShopRules
    {
        $faults = new Faults();
        $n = Node::root($data, $faults)->only(
            'currency',
            'hourlyRate',
            'taxRate',
            'roundTo',
            'marginFloor',
            'tapeMetre',
            'seal',
            'glueMl',
            'glassKit',
            'sundries',
            'fixed',
            'worth',
            'warrantyDays',
            'insurerDays',
            'picks',
            'holds',
            'chance',
            'corner',
        );
        $rules = new ShopRules(
            $n->string('currency'),
            $this->amount($n, 'hourlyRate'),
            $this->share($n, 'taxRate'),
            $this->amount($n, 'roundTo'),
            $this->share($n, 'marginFloor'),
            $this->amount($n, 'tapeMetre'),
            $this->amount($n, 'seal'),
            $this->amount($n, 'glueMl'),
            $this->amount($n, 'glassKit'),
            $this->amount($n, 'sundries'),
            $this->fixed($n),
            $this->worth($n),
            $n->int('warrantyDays', 0, 3650),
            $n->int('insurerDays', 1, 365),
            // Rules that were kept before these were asked say nothing of them.
            $n->has('picks') ? $n->int('picks', 1, 50) : ShopRules::PICKS,
            !$n->has('holds') || $n->flag('holds'),
            $n->has('chance') ? $n->int('chance', 50, 99) : ShopRules::CHANCE,
            $n->optionalEnum('corner', CornerCut::class) ?? CornerCut::Notched,
        );
        if ($rules->roundTo->isZero()) {
            $n->fault('roundTo', 'must be more than zero');
        }
        if ($faults->any()) {
            throw Unreadable::because('shop rules', $faults->all());
        }

        return $rules;
    }

    private function amount(Node $n, string $key): Money
    {
        return $this->parsed($n, $key, $n->string($key));
    }

    private function parsed(Node $n, string $key, string $text): Money
    {
        try {
            $amount = Money::of($text === '' ? '0' : $text);
        } catch (NotAnAmount $e) {
            $n->fault($key, $e->getMessage());

            return Money::zero();
        }
        if (
            $amount->isNegative()
            || Money::of('1000000')->isLessThan($amount)
            || preg_match('/^\d+(\.\d{1,4})?$/', $text) !== 1
        ) {
            $n->fault($key, 'must be an amount from 0 to 1000000 with at most four decimals');
        }

        return $amount;
    }

    private function share(Node $n, string $key): string
    {
        $text = $n->string($key);
        if (preg_match('/^0(\.\d{1,4})?$/', $text) !== 1) {
            $n->fault($key, 'must be a share from 0 to below 1, such as 0.19');

            return '0';
        }

        return $text;
    }

    /** @return list<FixedPrice> */
    private function fixed(Node $n): array
    {
        return $n->each('fixed', function (Node $row): FixedPrice {
            // Earlier they stood in one text.
            $row->only('phone', 'kind', 'amount', 'for');
            $apart = $row->has('for') ? [...explode(' ', $row->string('for')), ''] : null;

            return new FixedPrice(
                $apart === null ? $row->string('phone') : $apart[0],
                $apart === null
                    ? $row->enum('kind', ReplacementKind::class)
                    : ReplacementKind::tryFrom($apart[1]) ?? self::noKind($row),
                $this->amount($row, 'amount'),
            );
        });
    }

    private static function noKind(Node $row): ReplacementKind
    {
        $row->fault('for', 'names no kind of part');

        return ReplacementKind::DisplayAssembly;
    }

    /** @return array<string, Money> by phone */
    private function worth(Node $n): array
    {
        $worth = [];
        foreach (
            $n->each('worth', fn(Node $row): array => [
                $row->only('phone', 'amount', 'for')->string($row->has('for') ? 'for' : 'phone'),
                $this->amount($row, 'amount'),
            ]) as [$phone, $amount]
        ) {
            $worth[$phone] = $amount;
        }

        return $worth;
    }
}
