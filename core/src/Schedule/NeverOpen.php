<?php

declare(strict_types=1);

namespace Facelift\Schedule;

/** A shop that does not open within the year: nothing can be promised. */
final class NeverOpen extends \DomainException {}
