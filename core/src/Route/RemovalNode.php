<?php

declare(strict_types=1);

namespace Facelift\Route;

use Facelift\Anatomy\Face;
use Facelift\Anatomy\Tool;

/** One act of taking apart: a screw group out, a connector off, a bond parted, a part lifted, or the trial. */
final readonly class RemovalNode
{
    /**
     * @param Tool|null          $tool    null for bare hands, which keep the tool in reach and cost no change
     * @param list<list<string>> $clauses every clause must be met; of each clause one id is enough
     */
    public function __construct(public string $id, public ?Tool $tool, public Face $face, public array $clauses) {}
}
