<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\ToolOutlineAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Reference\ReferenceKind;

/** A reference's form and outline. */
final readonly class OutlineAnswer extends Answer
{
    public function __construct(
        #[Field('the kind of reference it is drawn as')] public ReferenceKind $form,
        #[Field('what it is drawn by')] public ?ToolOutlineAnswer $drawn,
    ) {
    }
}
