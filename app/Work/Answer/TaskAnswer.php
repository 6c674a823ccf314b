<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An operation of a work with what does it. */
final readonly class TaskAnswer extends Answer
{
    public function __construct(
        #[Field('what is to be done')] public string $operation,
        #[Field('what it is called')] public string $name,
        #[Field('what that is')] public string $explains,
        #[Field('the user\'s own numbers in it')] public string $numbers,
        #[Field('how it stands', among: ['now', 'roughly', 'planned', 'impossible'])] public string $state,
        #[Field('whether it takes long with these tools')] public bool $slow,
        #[Field('with which tools')] public string $tools,
        #[Field('ready to be read')] public string $says,
        #[Field('how well it is done, 1 to 4; null: not at all')] public ?int $grade,
        #[Field('how well it has to be done, 1 to 4')] public int $minGrade,
        #[Field('how fast it goes, ready to be read; null: not told')] public ?string $speed,
        #[Field('how sure it is, ready to be read; null: not told')] public ?string $certainty,
    ) {
    }
}
