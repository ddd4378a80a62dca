<?php

declare(strict_types=1);

namespace Dinghy\Survey;

enum Corrosion: string
{
    case None = 'none';
    case Light = 'light';
    case Heavy = 'heavy';
}
