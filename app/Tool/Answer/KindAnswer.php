<?php

declare(strict_types=1);

namespace App\Tool\Answer;

use App\Http\Answer;
use App\Http\Answer\ToolOutlineAnswer;
use JackRest\Core\Calculation\Field;

/** A kind of tool. */
final readonly class KindAnswer extends Answer
{
    /**
     * @param  list<string>  $needs
     * @param  list<string>  $wants
     * @param  list<DimensionAnswer>  $dimensions
     */
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('what it is for')] public string $for,
        #[Field('what goes wrong with it')] public string $wrong,
        #[Field('which group it belongs to')] public string $group,
        #[Field('what it cannot do without', of: 'string')] public array $needs,
        #[Field('what it asks for besides', of: 'string')] public array $wants,
        #[Field('what it costs')] public string $price,
        #[Field('how it is made; null: it is bought')] public ?string $making,
        #[Field('what it costs to run; null: nothing')] public ?string $running,
        #[Field('where the price comes from')] public string $basis,
        #[Field('whether it has an edge or teeth, and is asked how it is')] public bool $cuts,
        #[Field('whether it is offered')] public bool $offered,
        #[Field('what is measured on it', of: DimensionAnswer::class)] public array $dimensions,
        #[Field('its outline')] public ToolOutlineAnswer $outline,
    ) {
    }
}
