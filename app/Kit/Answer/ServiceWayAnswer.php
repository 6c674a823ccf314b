<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One way to do it. */
final readonly class ServiceWayAnswer extends Answer
{
    /**
     * @param  list<string>  $if
     */
    public function __construct(
        #[Field('with which tools')] public string $tools,
        #[Field('ready to be read')] public string $says,
        #[Field('how well it is done, 1 to 4; null: not at all')] public int $grade,
        #[Field('what has to hold', of: 'string')] public array $if,
    ) {
    }
}
