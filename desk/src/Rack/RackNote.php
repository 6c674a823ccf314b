<?php

declare(strict_types=1);

namespace JackRest\Desk\Rack;

/** One thing to know about the rack, in a sentence, with the stones it is about. */
final readonly class RackNote
{
    /**
     * @param  'flatten'|'double'|'jump'|'company'  $kind
     * @param  non-empty-list<string>  $stones  their ids
     */
    public function __construct(public string $kind, public string $says, public array $stones)
    {
    }
}
