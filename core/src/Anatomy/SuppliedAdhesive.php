<?php

declare(strict_types=1);

namespace Facelift\Anatomy;

/** Adhesive that comes with a part. */
enum SuppliedAdhesive: string
{
    /** On the part already, under its liner. */
    case Fitted = 'fitted';
    /** A boxed seal of its own. */
    case Seal = 'seal';
    /** A piece of tape in the kit. */
    case Tape = 'tape';
    /** A tube of contact adhesive in the kit. */
    case Tube = 'tube';
}
