<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Tool\Answer\KindAnswer;
use App\Tool\Answer\ToolGroupAnswer;
use JackRest\Core\Calculation\Field;

/** The catalogue of kinds. */
final readonly class KindsAnswer extends Answer
{
    /**
     * @param  list<KindAnswer>  $kinds
     * @param  list<ToolGroupAnswer>  $groups
     */
    public function __construct(
        #[Field('which kinds there are', of: KindAnswer::class)] public array $kinds,
        #[Field('the groups of tools', of: ToolGroupAnswer::class)] public array $groups,
    ) {
    }
}
