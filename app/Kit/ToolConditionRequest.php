<?php

declare(strict_types=1);

namespace App\Kit;

use App\Ledger\VersionedRequest;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\ToolCondition;

final class ToolConditionRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'condition' => ['required', Rule::enum(ToolCondition::class)]];
    }

    /** @throws InvalidInput for a tool that is not there, or has nothing to sharpen */
    public function condition(Tool $tool): ToolCondition
    {
        if ($tool->status !== ToolStatus::Owned || ! Tool::cuts($tool->kindOfTool())) {
            throw InvalidInput::because('condition', 'Only a tool that cuts and hangs here is asked how it is.');
        }

        return ToolCondition::from($this->string('condition')->toString());
    }
}
