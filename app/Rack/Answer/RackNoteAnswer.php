<?php

declare(strict_types=1);

namespace App\Rack\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What is to be said of the rack. */
final readonly class RackNoteAnswer extends Answer
{
    /**
     * @param  list<string>  $stones
     */
    public function __construct(
        #[Field('which kind it is', among: ['flatten', 'double', 'jump', 'company'])] public string $kind,
        #[Field('ready to be read')] public string $says,
        #[Field('the numbers of the stones it is about', of: 'string')] public array $stones,
    ) {
    }
}
