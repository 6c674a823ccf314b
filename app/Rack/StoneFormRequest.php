<?php

declare(strict_types=1);

namespace App\Rack;

use App\Tool\Price;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Rack\NewStone;
use JackRest\Desk\Rack\PrintedScale;
use JackRest\Desk\Rack\StoneForm;

/** A piece of the rack as far as it has been described. */
class StoneFormRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['present', 'nullable', 'string', 'max:60'],
            'medium' => ['required', Rule::enum(Medium::class)],
            'scale' => ['required', Rule::enum(PrintedScale::class)],
            'designation' => ['present', 'nullable', 'string', 'max:20'],
            'price' => ['present', 'nullable', 'string', 'max:20'],
            'lasts' => ['present', 'nullable', 'string', 'max:20'],
        ];
    }

    public function form(): StoneForm
    {
        return StoneForm::of(
            $this->string('name')->toString(),
            Medium::from($this->string('medium')->toString()),
            PrintedScale::from($this->string('scale')->toString()),
            $this->string('designation')->toString(),
            $this->string('lasts')->toString(),
        );
    }

    /** @throws \JackRest\Core\Calculation\InvalidInput */
    public function stone(): NewStone
    {
        return $this->form()->stone(Price::read('price', $this->string('price')->toString()));
    }
}
