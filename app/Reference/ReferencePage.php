<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Bench\User;
use App\Http\Answer\FieldAnswer;
use App\Http\Answer\InstrumentAnswer;
use App\Http\Answer\WhenAnswer;
use App\Http\Answer\WordAnswer;
use App\Reference\Answer\AskedAnswer;
use App\Reference\Answer\ReadingListAnswer;
use App\Reference\Answer\ReferencePageAnswer;
use App\Reference\Answer\TestChoiceAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Reference\Choice;
use JackRest\Desk\Reference\ReadingList;

/** A reference on its own page: what its test asks, in order, and what its tests say together. */
final class ReferencePage
{
    public static function of(
        Reference $reference,
        Bench $bench,
        User $user,
        LengthFormatter $format,
    ): ReferencePageAnswer {
        $kind = $reference->kind->reference();
        $sizes = $reference->sizesNow();

        return new ReferencePageAnswer(
            id: $reference->id,
            version: $reference->version,
            name: $reference->name,
            kind: $reference->kind,
            says: $reference->says($format),
            method: $kind->method(),
            isOwn: $reference->tool_id === null,
            asks: array_map(
                static fn (FormField|Choice|ReadingList $one): AskedAnswer => self::asked($one, $reference, $format),
                $kind->asks($sizes, $format),
            ),
            sizes: $kind->outlineSizes($sizes),
            lengthMm: $kind->movingLengthMm($sizes),
            instrument: ($user->instrument ?? $reference->instrument)->value,
            instruments: InstrumentAnswer::all($format),
            history: TestHistory::of($reference, $bench, $format),
        );
    }

    private static function asked(
        FormField|Choice|ReadingList $asked,
        Reference $reference,
        LengthFormatter $format,
    ): AskedAnswer {
        return new AskedAnswer(
            field: $asked instanceof FormField ? self::field($asked, $reference, $format) : null,
            choice: $asked instanceof Choice ? self::choice($asked, $reference) : null,
            list: $asked instanceof ReadingList ? ReadingListAnswer::of($asked) : null,
        );
    }

    private static function field(FormField $field, Reference $reference, LengthFormatter $format): FieldAnswer
    {
        $value = $field->isReading ? null : $reference->sizesNow()->find($field->name) ?? $field->begins;

        return FieldAnswer::of($field, $format, '', $value === null ? null : round($value, 4));
    }

    private static function choice(Choice $choice, Reference $reference): TestChoiceAnswer
    {
        return new TestChoiceAnswer(
            name: $choice->name,
            label: $choice->label,
            hint: $choice->hint,
            options: array_map(
                static fn (string $value, string $label): WordAnswer => new WordAnswer(value: $value, label: $label),
                array_keys($choice->options),
                $choice->options,
            ),
            chosen: $choice->of($choice->isReading ? null : $reference->choices[$choice->name] ?? null),
            isReading: $choice->isReading,
            when: WhenAnswer::of($choice->when),
            isAside: $choice->isAside ?? ! $choice->isReading,
        );
    }
}
