<?php

declare(strict_types=1);

namespace Facelift\Record;

/** What jobs are told apart by. */
enum Facet: string
{
    case All = 'all';
    /** how the new panel was sealed */
    case Way = 'way';
    /** with which roll or tube of the shop */
    case Adhesive = 'adhesive';
    case Supplier = 'supplier';
    /** of a supplier's parts */
    case Batch = 'batch';
    /** kind of part */
    case Kind = 'kind';
    case Phone = 'phone';
    case Technician = 'technician';
}
