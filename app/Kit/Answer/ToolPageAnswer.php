<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Tool\Answer\KindAnswer;
use App\Tool\Answer\ToolAnswer;
use JackRest\Core\Calculation\Field;

/** A tool on its own page. */
final readonly class ToolPageAnswer extends Answer
{
    /**
     * @param  list<ToolSizeAnswer>  $sizes
     * @param  list<ServiceAnswer>  $serves
     * @param  list<string>  $loses
     * @param  list<ToolEdgeAnswer>  $edges
     */
    public function __construct(
        #[Field('the tool')] public ToolAnswer $tool,
        #[Field('which kind it is')] public KindAnswer $kind,
        #[Field('its sizes, by name', of: ToolSizeAnswer::class)] public array $sizes,
        #[Field('what it is used for', of: ServiceAnswer::class)] public array $serves,
        #[Field('what is lost with it', of: 'string')] public array $loses,
        #[Field('edge by edge', of: ToolEdgeAnswer::class)] public array $edges,
        #[Field('how it was found; null: it has nothing to sharpen')] public ?AskedConditionAnswer $asks,
        #[Field('what it takes off; null: not told')] public ?string $bite,
        #[Field('what the user says of it in spite of the school; null: nothing')] public ?string $overrule,
        #[Field('what it is worth')] public ?string $worth,
        #[Field('which state of the settings this is')] public int $settingsVersion,
    ) {
    }
}
