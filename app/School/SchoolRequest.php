<?php

declare(strict_types=1);

namespace App\School;

use App\Ledger\VersionedRequest;
use App\Tool\Price;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\School\Overrule;
use JackRest\Core\School\School;
use JackRest\Core\Tool\ToolKinds;

/** What is decided anew about how tools are chosen; what is left out stays as it is. */
final class SchoolRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'answers' => ['sometimes', 'array'],
            'answers.*' => ['string'],
            'overrule' => ['sometimes', 'array'],
            'overrule.kind' => ['required_with:overrule', Rule::in(array_keys(ToolKinds::all()))],
            'overrule.overrule' => ['present_with:overrule', 'nullable', Rule::enum(Overrule::class)],
            'perMonth' => ['sometimes', 'nullable', 'string', 'max:20'],
            'budget' => ['sometimes', 'nullable', 'string', 'max:20'],
            'floor' => ['sometimes', 'nullable', 'integer', 'between:1,5'],
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput for a question or an answer that nobody knows
     */
    public function values(KitSettings $settings): array
    {
        $values = [];
        if ($this->has('answers')) {
            /** @var array<string, string> $answers */
            $answers = [...$settings->answers, ...(array) $this->input('answers')];
            $values['answers'] = (new School($answers))->answers;
        }
        if ($this->has('overrule')) {
            $kind = $this->string('overrule.kind')->toString();
            $overrule = $this->input('overrule.overrule');
            $values['overrules'] = array_filter([...$settings->overrules, $kind => $overrule], is_string(...));
        }
        foreach (['perMonth' => 'per_month', 'budget' => 'budget'] as $field => $column) {
            if ($this->has($field)) {
                $values[$column] = Price::read($field, $this->string($field)->toString());
            }
        }

        return $this->has('floor') ? [...$values, 'floor' => $this->input('floor')] : $values;
    }
}
