<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\User;
use App\Http\FieldResource;
use App\Http\Shared;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Field;
use JackRest\Desk\Reference\Choice;
use JackRest\Desk\Reference\ReadingList;

/** A reference on its own page: what its test asks, in order, and what its tests say together. */
final class ReferencePage
{
    /** @return array<string, mixed> */
    public static function of(Reference $reference, User $user, LengthFormatter $format): array
    {
        $kind = $reference->kind->reference();
        $sizes = $reference->sizesNow();

        return [
            'id' => $reference->id,
            'version' => $reference->version,
            'name' => $reference->name,
            'kind' => $reference->kind->value,
            'says' => $reference->says($format),
            'method' => $kind->method(),
            'isOwn' => $reference->tool_id === null,
            'asks' => array_map(
                static fn (Field|Choice|ReadingList $asked): array => self::asked($asked, $reference, $format),
                $kind->asks($sizes, $format),
            ),
            'sizes' => (object) $kind->outlineSizes($sizes),
            'lengthMm' => $kind->movingLengthMm($sizes),
            'instrument' => ($user->instrument ?? $reference->instrument)->value,
            'instruments' => Shared::instruments($format),
            'history' => TestHistory::of($reference, $format),
        ];
    }

    /**
     * @return array{field: array<string, mixed>|null, choice: array<string, mixed>|null, list: array<string,
     * mixed>|null}
     */
    private static function asked(Field|Choice|ReadingList $asked, Reference $reference, LengthFormatter $format): array
    {
        return [
            'field' => $asked instanceof Field ? self::field($asked, $reference, $format) : null,
            'choice' => $asked instanceof Choice ? self::choice($asked, $reference) : null,
            'list' => $asked instanceof ReadingList ? get_object_vars($asked) : null,
        ];
    }

    /** @return array<string, mixed> */
    private static function field(Field $field, Reference $reference, LengthFormatter $format): array
    {
        $value = $field->isReading ? null : $reference->sizesNow()->find($field->name) ?? $field->begins;

        return FieldResource::of($field, $format, '', $value === null ? null : round($value, 4));
    }

    /** @return array<string, mixed> */
    private static function choice(Choice $choice, Reference $reference): array
    {
        return [
            'name' => $choice->name,
            'label' => $choice->label,
            'hint' => $choice->hint,
            'options' => array_map(
                static fn (string $value, string $label): array => ['value' => $value, 'label' => $label],
                array_keys($choice->options),
                $choice->options,
            ),
            'chosen' => $choice->of($choice->isReading ? null : $reference->choices[$choice->name] ?? null),
            'isReading' => $choice->isReading,
            'when' => FieldResource::when($choice->when),
            'isAside' => $choice->isAside ?? ! $choice->isReading,
        ];
    }
}
