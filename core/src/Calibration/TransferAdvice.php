<?php

declare(strict_types=1);

namespace Facelift\Calibration;

use Facelift\Document\Reason;

/** What to do next in a transfer, in words: after a fault what may help, at the end what it came to. */
final readonly class TransferAdvice
{
    private function __construct(public Reason $reason) {}

    public static function of(Transfer $transfer): self
    {
        $ending = $transfer->ending();

        return new self(match (true) {
            $ending !== null => new Reason('transfer-ended-' . $ending->value),
            $transfer->trouble !== null => self::after($transfer->trouble, $transfer),
            default => self::next($transfer->next()),
        });
    }

    /** Common practice, no source. */
    private static function after(WireFault $fault, Transfer $transfer): Reason
    {
        return new Reason(match ($fault) {
            WireFault::NoContact => 'transfer-seat-again',
            WireFault::BadContact => 'transfer-clean-and-seat',
            WireFault::WrongChecksum => 'transfer-clean-and-slower',
            WireFault::WriteProtected => 'transfer-not-this-panel',
            WireFault::Unplugged => $transfer->isUnknown() ? 'transfer-unknown-until-read' : 'transfer-plug-again',
            WireFault::TimedOut => 'transfer-programmer-silent',
        });
    }

    private static function next(Ask $ask): Reason
    {
        return new Reason(match ($ask->kind) {
            AskKind::Identify => 'transfer-plug-' . $ask->socket->value,
            AskKind::Read, AskKind::Keep => 'transfer-read-' . $ask->socket->value,
            AskKind::Write, AskKind::Nothing => 'transfer-write',
        });
    }
}
