<?php

declare(strict_types=1);

namespace Facelift\Route;

/** The trial connection: the new part proven before anything irreversible is done to the old one. */
final readonly class Trial
{
    public const ID = 'trial';

    /**
     * @param list<string> $connect connectors of the new part that are plugged in for the test
     * @param list<string> $live    the smallest set that must be live: those, what boots the phone, and the battery's last
     */
    public function __construct(public array $connect, public array $live) {}
}
