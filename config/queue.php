<?php

return ['default' => 'sync'];
