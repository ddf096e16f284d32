<?php

declare(strict_types=1);

namespace Facelift\Tests\Cost;

use Facelift\Anatomy\ReplacementKind;
use Facelift\Condition\Payer;
use Facelift\Cost\Charge;
use Facelift\Cost\Consumables;
use Facelift\Cost\Further;
use Facelift\Cost\JobCost;
use Facelift\Cost\Line;
use Facelift\Cost\Price;
use Facelift\Cost\Quote;
use Facelift\Cost\QuoteDocument;
use Facelift\Cost\QuotedPart;
use Facelift\Cost\ShopRulesReader;
use Facelift\Document\Reason;
use Facelift\Document\Unreadable;
use Facelift\Quantity\Money;
use PHPUnit\Framework\TestCase;

final class QuoteTest extends TestCase
{
    public function testWhatIsReadIsWhatWasWritten(): void
    {
        foreach ([Payer::Customer, Payer::Insurer] as $payer) {
            foreach ([true, false] as $warranty) {
                $written = json_encode(
                    (new QuoteDocument())->write(self::quote($payer, $warranty)),
                    JSON_THROW_ON_ERROR,
                );
                $read = (new QuoteDocument())->read(json_decode($written, true, 64, JSON_THROW_ON_ERROR));
                self::assertSame($written, json_encode((new QuoteDocument())->write($read), JSON_THROW_ON_ERROR));
            }
        }
    }

    public function testEveryAmountIsRaisedAndStillAddsUp(): void
    {
        $quote = self::quote(Payer::Customer, false);
        $further = Further::of(Money::of('8.00'), 20, (new ShopRulesReader())->read(Rules::data()));
        $raised = $quote->raisedBy($further, Money::zero());
        self::assertTrue($raised->charge->gross->equals($quote->charge->gross->plus($further->gross())));
        self::assertTrue($raised->charge->net->plus($raised->charge->tax)->equals($raised->charge->gross));
        self::assertTrue(
            $raised->charge->net
                ->minus($raised->charge->inside->expected)
                ->toCents()
                ->equals($raised->charge->inside->margin),
        );
        self::assertContains(
            'further',
            array_map(static fn(Line $l): string => $l->code, $raised->charge->inside->lines),
        );
        self::assertTrue($raised->due()->equals($raised->charge->gross));
    }

    public function testTheInsurerPaysAtMostWhatItAuthorisedAndNeverMoreThanThePrice(): void
    {
        $quote = self::quote(Payer::Insurer, false);
        $further = Further::of(Money::of('8.00'), 20, (new ShopRulesReader())->read(Rules::data()));
        $part = $quote->raisedBy($further, Money::of('50'));
        self::assertSame('50.00', (string) $part->insured);
        self::assertTrue($part->due()->equals($part->charge->gross->minus(Money::of('50'))));
        $all = $quote->raisedBy($further, Money::of('5000'));
        self::assertTrue($all->due()->isZero());
    }

    public function testUnderWarrantyNothingIsDueWhateverIsAdded(): void
    {
        $raised = self::quote(Payer::Customer, true)->raisedBy(
            Further::of(Money::of('8.00'), 20, (new ShopRulesReader())->read(Rules::data())),
            Money::zero(),
        );
        self::assertTrue($raised->due()->isZero());
    }

    public function testEveryFaultIsNamed(): void
    {
        $bad = (new QuoteDocument())->write(self::quote(Payer::Customer, false));
        $bad['kind'] = 'lamp';
        $bad['insured'] = 'much';
        try {
            (new QuoteDocument())->read($bad);
            self::fail('taken');
        } catch (Unreadable $e) {
            self::assertSame(['kind', 'insured'], array_map(static fn($f): string => $f->path, $e->faults));
        }
    }

    private static function quote(Payer $payer, bool $warranty): Quote
    {
        $rules = (new ShopRulesReader())->read(Rules::data());
        $cost = JobCost::of(
            Money::of('41.50'),
            2640,
            new Consumables(0.4, 0, 0, 0),
            [],
            $rules,
        );
        $price = Price::of($cost->expected(), $rules, null);

        return new Quote(
            ReplacementKind::DisplayAssembly,
            'Display',
            new QuotedPart(7, 'S-101', 'Vesper display'),
            2640.0,
            Charge::of($price, $cost, new Reason('worth-share', ['price' => '99.00', 'share' => 55])),
            $warranty,
            $payer,
            $payer === Payer::Insurer && !$warranty ? Money::of('40') : Money::zero(),
            [new Reason('seal-not-promised')],
        );
    }
}
