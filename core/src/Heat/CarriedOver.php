<?php

declare(strict_types=1);

namespace Facelift\Heat;

use Facelift\Anatomy\Part;

/** What a phone carries with it: as it is estimated, and as it is if the source was hotter than 95 of 100. */
final readonly class CarriedOver
{
    public function __construct(public Carried $likely, public Carried $hot) {}

    public static function same(Carried $carried): self
    {
        return new self($carried, $carried);
    }

    /** What is lifted off a bond is gone. */
    public function lifted(Stack $edge): self
    {
        return new self($this->likely->lifted($edge), $this->hot->lifted($edge));
    }

    public function takenOut(Part $part): self
    {
        return new self($this->likely->takenOut($part), $this->hot->takenOut($part));
    }
}
