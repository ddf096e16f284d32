<?php

declare(strict_types=1);

namespace Facelift\Calibration;

/** What a line between server and programmer is. */
enum ProgrammerWord: string
{
    /** Which display is there? Members: `old` or `new`. */
    case Identify = 'IDENTIFY';
    /** Members: socket, address (six hexadecimal digits), bytes (decimal). */
    case Read = 'READ';
    /** Members: socket, address, bytes in hexadecimal digits, their CRC-16. */
    case Write = 'WRITE';
    /** The check sum that the display gives itself? Members: socket. */
    case Verify = 'VERIFY';
    /** Answer to `IDENTIFY`: marking, connector, layout, bytes. */
    case Is = 'IS';
    /** Answer to `READ`: address, bytes, CRC-16 as the display gives it. */
    case Data = 'DATA';
    /** Answer to `WRITE`: address. */
    case Written = 'WRITTEN';
    /** Answer to `VERIFY`: CRC-32 of the whole. */
    case Sum = 'SUM';
    /** It did not come about: a fault. */
    case No = 'NO';
}
