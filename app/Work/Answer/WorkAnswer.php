<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A work in the list. */
final readonly class WorkAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('which form it has')] public string $form,
        #[Field('how it stands', among: ['now', 'planned', 'locked'])] public string $state,
        #[Field('what is not there yet')] public int $missing,
        #[Field('what is chosen')] public bool $chosen,
        #[Field('why it is to be done; null: it is not')] public ?string $due,
    ) {
    }
}
