<?php

declare(strict_types=1);

namespace App\Http;

use JackRest\Core\Calculation\Writer;
use JsonSerializable;

/**
 * What leaves as JSON: its constructor's parameters are the fields, each told of by a #[Field].
 *
 * The contract has it under the name of its class without "Answer".
 */
abstract readonly class Answer implements JsonSerializable
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return Writer::write($this);
    }
}
