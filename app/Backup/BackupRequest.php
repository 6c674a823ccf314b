<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Foundation\Http\FormRequest;

/** Where backups are made, and how many are kept. */
final class BackupRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'folder' => ['required', 'string', 'max:400'],
            'daily' => ['required', 'integer', 'min:0', 'max:'.BackupSettings::MOST],
            'weekly' => ['required', 'integer', 'min:0', 'max:'.BackupSettings::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'folder.*' => 'Type the whole path of a folder, such as /media/disk/backups.',
            'daily.*' => 'From 0 to '.BackupSettings::MOST.'.',
            'weekly.*' => 'From 0 to '.BackupSettings::MOST.'.',
        ];
    }

    public function settings(): BackupSettings
    {
        return new BackupSettings(
            rtrim(trim($this->string('folder')->toString()), '/'),
            $this->integer('daily'),
            $this->integer('weekly'),
        );
    }
}
