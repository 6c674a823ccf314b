<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A tool and its use. */
final readonly class IdleToolAnswer extends Answer
{
    /**
     * @param  list<string>  $lost
     * @param  list<string>  $worse
     * @param  list<string>  $instead
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('whether it stands idle')] public bool $isIdle,
        #[Field('whether it is kept all the same')] public bool $kept,
        #[Field('whether nothing would be lost without it')] public bool $couldGo,
        #[Field('how much it was used, in one sentence')] public string $used,
        #[Field('why it is so')] public ?string $why,
        #[Field('what could not be done without it', of: 'string')] public array $lost,
        #[Field('what would be done worse without it', of: 'string')] public array $worse,
        #[Field('what does its work then', of: 'string')] public array $instead,
        #[Field('what it is worth')] public string $worth,
    ) {
    }
}
