<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\FieldError;

/** Ids that stand in a list more than once. */
final class DoubledIds
{
    /**
     * @param  list<string>  $ids
     * @return list<FieldError>
     */
    public static function in(string $list, array $ids): array
    {
        $seen = $errors = [];
        foreach ($ids as $index => $id) {
            if (isset($seen[$id])) {
                $errors[] = new FieldError("{$list}[$index].id", "\"$id\" is given twice");
            }
            $seen[$id] = true;
        }

        return $errors;
    }
}
