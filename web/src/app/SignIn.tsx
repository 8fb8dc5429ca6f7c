import { Button, Input } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, data, Problem } from '../api/client';
import { NO_ANSWER } from '../api/job';
import { field } from './field';

export default function SignIn() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [refused, setRefused] = useState('');
  useEffect(() => void api.GET('/api/session', {}).catch(() => undefined), []);

  async function signIn(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    const form = new FormData(e.currentTarget);
    try {
      await data(
        api.POST('/api/session', {
          body: { name: field(form, 'name'), passphrase: field(form, 'passphrase') },
        }),
      );
      queries.clear();
      void navigate('/');
    } catch (p) {
      setRefused(p instanceof Problem ? p.message : NO_ANSWER);
    }
  }

  return (
    <main className="door">
      <h1>Antevid</h1>
      <p className="s">See the whole cut before the saw starts.</p>
      <form onSubmit={(e) => void signIn(e)} className="form">
        <label>
          Name
          <Input name="name" autoComplete="username" required />
        </label>
        <label>
          Passphrase
          <Input name="passphrase" type="password" autoComplete="current-password" required />
        </label>
        {refused && (
          <p className="refused" role="alert">
            {refused}
          </p>
        )}
        <Button type="primary" size="large" block htmlType="submit">
          Sign in
        </Button>
      </form>
      <p>
        Crew: <Link to="/join">join a job with its code</Link>
      </p>
    </main>
  );
}
