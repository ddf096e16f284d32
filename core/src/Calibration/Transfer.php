<?php

declare(strict_types=1);

namespace Facelift\Calibration;

use Facelift\Calibration\Seen\Failed;
use Facelift\Calibration\Seen\GivenUp;
use Facelift\Calibration\Seen\Identified;
use Facelift\Calibration\Seen\OtherPart;
use Facelift\Calibration\Seen\Seen;
use Facelift\Calibration\Seen\WasKept;
use Facelift\Calibration\Seen\WasRead;
use Facelift\Calibration\Seen\WriteBegun;

/**
 * The way of a display's data from the old panel to the new, as a fold over what happened.
 *
 * Read twice and compared, kept, and only then may the old panel go. What the new one had is read and kept in the same
 * way before a byte is written. From the moment that a writing begins the new panel counts as unknown until it was read
 * whole: so whoever is stopped half-way, and however, goes on by reading. The order of what happened is all there is to
 * store; the same order gives the same state.
 */
final readonly class Transfer
{
    /** Writings of the old display's data before the new one is given back what it had (common practice, no source). */
    public const TRIES = 3;

    private function __construct(
        public MemoryLayout $layout,
        public Reading $old,
        public Reading $new,
        private Writing $writing = new Writing(),
        public ?WireFault $trouble = null,
        private ?Ending $ended = null,
    ) {}

    /** @param MemoryLayout $layout of the phone's own display */
    public static function begin(MemoryLayout $layout): self
    {
        return new self($layout, new Reading(), new Reading());
    }

    /**
     * The state after something more has happened.
     *
     * @throws NotNow If it cannot have happened here, or must not.
     */
    public function seen(Seen $seen): self
    {
        if ($seen instanceof OtherPart) {
            return new self($this->layout, $this->old, new Reading());
        }
        if ($this->ending() !== null) {
            throw new NotNow('The transfer has ended.');
        }

        return match (true) {
            $seen instanceof Identified => $this->identified($seen),
            $seen instanceof WasRead => $this->read($seen),
            $seen instanceof WasKept => $this->kept($seen->socket),
            $seen instanceof WriteBegun => $this->begun(),
            $seen instanceof Failed => $this->failed($seen),
            $seen instanceof GivenUp => $this->givenUp(),
            default => throw new NotNow('This is nothing that happens in a transfer.'),
        };
    }

    /** What is to be done next; the same as long as nothing more has happened. */
    public function next(): Ask
    {
        if ($this->ending() !== null) {
            return Ask::nothing();
        }
        $socket = $this->mayGo() ? Socket::New : Socket::Old;
        $reading = $this->of($socket);

        return match (true) {
            $reading->panel === null, $this->writing->unsure => Ask::identify($socket),
            $reading->bytes() === null, $this->writing->unread => Ask::read($socket),
            !$reading->kept => Ask::keep($socket),
            default => Ask::write($this->differing($this->aim())),
        };
    }

    /** True once the old display's data is safe, so that the panel may be given up. */
    public function mayGo(): bool
    {
        return $this->old->kept;
    }

    /**
     * How it ended; null while there is something to do. Every ending but `no-dump` and `stopped` is proven by what
     * was read. What the new one had is tried to be given back for as long as nobody gives it up.
     */
    public function ending(): ?Ending
    {
        if ($this->ended !== null || !$this->new->kept || $this->writing->unread) {
            return $this->ended;
        }
        $holds = $this->holds();

        return match (true) {
            $holds === $this->target() => $this->writing->begun > 0 ? Ending::Copied : Ending::HeldAlready,
            $holds === $this->new->bytes() && $this->writing->refused => Ending::Protected,
            $holds === $this->new->bytes() && $this->writing->begun >= self::TRIES => Ending::Restored,
            default => null,
        };
    }

    /** What the new panel holds, as far as it was read; null from the beginning of a writing until it is read. */
    public function holds(): ?string
    {
        return $this->writing->unread ? null : $this->writing->found ?? $this->new->bytes();
    }

    /** True from the beginning of a writing until the new display was read whole. */
    public function isUnknown(): bool
    {
        return $this->writing->unread;
    }

    /**
     * What is to be on the new panel: the old one's fields, but not those of the panel's own life, and no byte that
     * nothing is known about. Null until both were read.
     */
    public function target(): ?string
    {
        [$old, $new] = [$this->old->bytes(), $this->new->bytes()];
        if ($old === null || $new === null) {
            return null;
        }
        foreach ($this->layout->fields as $field) {
            if (!$field->kind->ofThePanel()) {
                $new = substr_replace($new, $field->bytes($old), $field->at, $field->end() - $field->at);
            }
        }

        return $new;
    }

    private function of(Socket $socket): Reading
    {
        return $socket === Socket::Old ? $this->old : $this->new;
    }

    /** What the next writing is to bring about: what the new one had, once the tries are used up. */
    private function aim(): string
    {
        $aim = $this->writing->begun < self::TRIES && !$this->writing->refused ? $this->target() : $this->new->bytes();

        return $aim ?? throw new NotNow('Nothing is read yet.');
    }

    /** @return non-empty-list<Block> */
    private function differing(string $aim): array
    {
        $holds = (string) $this->holds();
        $blocks = [];
        for ($at = 0; $at < $this->layout->size; $at += $this->layout->block) {
            $bytes = substr($aim, $at, $this->layout->block);
            if ($bytes !== substr($holds, $at, $this->layout->block)) {
                $blocks[] = new Block($at, $bytes);
            }
        }

        return $blocks === [] ? throw new NotNow('There is nothing to write.') : $blocks;
    }

    private function identified(Identified $seen): self
    {
        $this->asked(AskKind::Identify, $seen->socket);
        $known = $this->of($seen->socket)->panel;
        if ($known !== null && $known !== $seen->panel) {
            throw NotNow::plugged('transfer-not-this-one', ['is' => $seen->panel, 'wanted' => $known]);
        }
        if ($seen->socket === Socket::New && $this->old->panel === $seen->panel) {
            throw NotNow::plugged('transfer-is-the-old-one', ['is' => $seen->panel]);
        }
        $other = $seen->layout !== $this->layout->code;
        if ($other && $seen->socket === Socket::Old) {
            throw NotNow::plugged('transfer-old-layout', [
                'is' => $seen->layout,
                'wanted' => $this->layout->code,
            ]);
        }

        return $this->but(
            $seen->socket,
            $this->of($seen->socket)->identified($seen->panel),
            $this->writing->sure(),
            $other ? Ending::OtherLayout : null,
        );
    }

    private function read(WasRead $seen): self
    {
        $this->asked(AskKind::Read, $seen->socket);
        if (\strlen($seen->bytes) !== $this->layout->size) {
            throw new NotNow(\sprintf('%d bytes are not the whole %d.', \strlen($seen->bytes), $this->layout->size));
        }
        if ($this->writing->unread) {
            return $this->but($seen->socket, $this->new, $this->writing->found($seen->bytes));
        }

        return $this->but($seen->socket, $this->of($seen->socket)->read($seen->bytes), $this->writing);
    }

    private function kept(Socket $socket): self
    {
        $this->asked(AskKind::Keep, $socket);

        return $this->but($socket, $this->of($socket)->kept(), $this->writing);
    }

    private function begun(): self
    {
        $this->asked(AskKind::Write, Socket::New);

        return $this->but(Socket::New, $this->new, $this->writing->begun());
    }

    /** A fault never takes anything back: what is known stays, what is unknown stays so. */
    private function failed(Failed $seen): self
    {
        $writing = $seen->fault === WireFault::WriteProtected && $this->writing->unread
            ? $this->writing->refused()
            : $this->writing;

        return new self(
            $this->layout,
            $this->old,
            $this->new,
            $writing,
            $seen->fault,
        );
    }

    /** @throws NotNow While nobody knows what the new panel holds. */
    private function givenUp(): self
    {
        if ($this->writing->unread) {
            throw new NotNow('What the new display holds is not known: it must be read before it is given up.');
        }
        $ending = match (true) {
            !$this->mayGo() => Ending::NoDump,
            $this->writing->begun === 0 => Ending::Stopped,
            $this->holds() === $this->new->bytes() => Ending::Restored,
            default => Ending::Spoiled,
        };

        return $this->but(Socket::New, $this->new, $this->writing, $ending);
    }

    /** @throws NotNow If something else is asked for. */
    private function asked(AskKind $kind, Socket $socket): void
    {
        $ask = $this->next();
        if ($ask->kind !== $kind || $ask->socket !== $socket) {
            throw new NotNow(\sprintf(
                'Asked for is: %s, %s display. Told was: %s, %s display.',
                $ask->kind->value,
                $ask->socket->value,
                $kind->value,
                $socket->value,
            ));
        }
    }

    private function but(Socket $socket, Reading $reading, Writing $writing, ?Ending $ended = null): self
    {
        return new self(
            $this->layout,
            $socket === Socket::Old ? $reading : $this->old,
            $socket === Socket::New ? $reading : $this->new,
            $writing,
            null,
            $ended,
        );
    }
}
